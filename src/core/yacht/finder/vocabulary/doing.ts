import { rowsOf } from "./rows";

/** Something that somebody wants to do, with the words for it; beside it what undoes it, and what is much the same and how far. */
export interface Doing {
  does: string;
  said: readonly string[];
  undoneBy?: string;
  near?: Readonly<Record<string, number>>;
}

const undoing: Readonly<Record<string, string>> = {
  on: "off",
  off: "on",
  start: "stop",
  stop: "start",
  fill: "empty",
  empty: "fill",
  raise: "lower",
  lower: "raise",
  connect: "disconnect",
  disconnect: "connect",
};
const near: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  on: { start: 0.8, connect: 0.4 },
  off: { stop: 0.8, disconnect: 0.5 },
  start: { on: 0.6 },
  stop: { off: 0.7 },
};

/** The first of a row stands for all of them. */
const rows = rowsOf(`
on | turn on | switch on | put on | turned on | switched on | activate | open | opened | opening | aufdrehen |
  einschalten | anschalten | öffnen | anmachen | aufmachen | an
off | turn off | switch off | shut | close | shut off | cut off | closed | closing | cut | shutoff | turned off |
  deactivate | isolate | abdrehen | ausschalten | abschalten | schließen | schliessen | zumachen | ausmachen |
  aus | zu
start | starting | crank | fire up | starten | anlassen | run | running
stop | stopping | kill | stoppen | abstellen
fill | refill | top up | refuel | tank up | put in | filling | fill up | füllen | auffüllen | tanken |
  volltanken | nachfüllen | tanking | fuelling | fueling | bunker
empty | pump out | emptying | discharge | dump | let out | leeren | entleeren | auspumpen | abpumpen | drain off
raise | hoist | lift | put up | get up | up | pull up | weigh | haul up | hissen | setzen | hochziehen | lichten |
  aufholen | set sail | hoisting | bring up | come up | hoch | auf
lower | drop | down | let go | take down | put down | let down | fieren | ablassen | herunterlassen |
  fallen lassen | runter | lowering | dropping | bergen
connect | plug in | hook up | anschließen | anschliessen | verbinden | einstecken
disconnect | unplug | take off | abstecken | trennen
change | swap | replace | switch over | change over | wechseln | tauschen | umschalten | changing
check | inspect | look at | prüfen | kontrollieren | checks | control | checking
reef | reefing | reduce sail | make smaller | reffen | reff | reduce | smaller | shorten sail | too much wind |
  first reef | second reef
furl | roll | roll in | furling | roll up | take in | einrollen | wegrollen | unroll | unfurl | roll out |
  ausrollen
leave | leaving | cast off | depart | get away | verlassen | undock | departure
pick up | catch | grab | take a buoy | aufnehmen | take buoy | moor on
inflate | blow up | pump up | aufpumpen | aufblasen
light | ignite | light up | anzünden | zünden
launch | throw in | deploy | release | put in water | put in the water | put into the water | into the water |
  into water | in water | aussetzen | zu wasser lassen
turn | rotate | spin | drehen | manoeuvre | maneuver | manöver | turn round | turn around
reverse | astern | backwards | go back | rückwärts | go astern
anchor | ankern | anchoring | drop anchor | drop the anchor | let go the anchor
flush | flushing | spülen | flushes
charge | laden | aufladen
wear | anlegen | try on
`);

export const doing: readonly Doing[] = rows.map(([does = "", ...others]) => ({
  does,
  said: [does, ...others],
  ...(undoing[does] === undefined ? {} : { undoneBy: undoing[does] }),
  ...(near[does] === undefined ? {} : { near: near[does] }),
}));
