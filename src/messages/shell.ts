import type { en } from "./en";

/** The catalogue without what only the desk and paper need: what a tablet on the pontoon loads. */
export function shellMessages(messages: typeof en): Partial<typeof en> {
  const {
    signin: _signin,
    today: _today,
    charter: _charter,
    fleet: _fleet,
    settle: _settle,
    paper: _paper,
    rules: _rules,
    matter: _matter,
    crew: _crew,
    forecast: _forecast,
    work: _work,
    "not-cleared": _notCleared,
    access: _access,
    ready: _ready,
    extra: _extra,
    since: _since,
    copy: _copy,
    outbox: _outbox,
    prices: _prices,
    history: _history,
    editor: _editor,
    "in-question": _inQuestion,
    "new-yacht": _new,
    publish: _publish,
    titles: _titles,
    "go-to": _goTo,
    "yacht-page": _yachtPage,
    form: _form,
    done: _done,
    table: _table,
    tune: _tune,
    ...rest
  } = messages;
  return rest;
}
