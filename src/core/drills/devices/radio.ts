import { button, choice, listen, look, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf, yesNo } from "../setup";
import { Lasting, Moment } from "../since";

interface RadioSetup {
  hasDistressButton: boolean;
  distressHoldSeconds: number;
  talkMostSeconds: number;
  /** others talk on the working channel for so long, and again after so long */
  othersSeconds: number;
  othersEverySeconds: number;
}

const distressChannel = "16";
const workingChannel = "12";
/** What is said, in its order (the usual order of a distress call and of a call to a harbour). */
const orders = {
  distress: ["say-mayday", "say-name", "say-position", "say-trouble", "say-persons", "say-over"],
  call: ["say-harbour", "say-name", "say-over"],
} as const;
const words = [...new Set([...orders.distress, ...orders.call])];
const answersS = 3;
const shutSquelch = 9;
const shutS = 10;

class Radio {
  private readonly sending = new Lasting();
  private readonly deaf = new Lasting();
  private readonly over = new Moment();
  private readonly alert = new Lasting();
  private said: string[] = [];
  private isStuck = false;
  private hasStuck = false;
  private isAlerted = false;
  private isAnswered = false;

  constructor(private readonly given: Given<RadioSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get isOn(): boolean {
    return this.is("power", "on") && !this.given.faults.has("no-power");
  }
  private get isSending(): boolean {
    return this.isOn && (this.is("key", "held") || this.isStuck);
  }
  private get isBusy(): boolean {
    const { setup, panel } = this.given;
    if (!this.is("channel", workingChannel) || setup.othersEverySeconds <= 0) return false;
    return (panel.at + hair) % setup.othersEverySeconds < setup.othersSeconds;
  }
  private get order(): readonly string[] {
    return this.given.task === "distress" ? orders.distress : orders.call;
  }

  step(dtS: number): void {
    const { panel, setup, tell, task } = this.given;
    this.sending.step(this.isSending, dtS);
    this.deaf.step(this.isOn && panel.number("squelch") >= shutSquelch, dtS);
    const isPressed = setup.hasDistressButton && this.isOn && this.is("cover", "open") && panel.isHeld("distress");
    this.alert.step(isPressed, dtS);
    if (this.alert.isFor(setup.distressHoldSeconds) && !this.isAlerted) {
      this.isAlerted = true;
      tell.event("alert-sent");
      if (task !== "distress") tell.mistake("distress-sent-for-nothing");
    }
    if (!this.isAnswered && !this.isSending && this.isSaid && this.over.ago(panel.at) >= answersS - hair) {
      this.isAnswered = true;
      tell.event("answered");
    }
  }

  private get isSaid(): boolean {
    return this.said.length === this.order.length;
  }

  heard(heard: Heard): void {
    const { tell, faults } = this.given;
    if (heard.do === "set" && heard.control === "key") {
      if (heard.to === "held" && this.isOn && this.isBusy) tell.mistake("talked-over");
      // a key that sticks comes free when it is worked once more
      this.isStuck = heard.to === "free" && faults.has("key-sticks") && !this.hasStuck;
      this.hasStuck ||= this.isStuck;
    }
    if (heard.do === "press" && (words as readonly string[]).includes(heard.control)) this.say(heard.control);
  }

  private say(word: string): void {
    const { tell, task } = this.given;
    if (!this.isSending) return tell.mistake("said-unheard");
    const isDistress = word === "say-mayday" || task === "distress";
    const channel = isDistress ? distressChannel : workingChannel;
    if (!this.is("channel", channel)) return tell.mistake("wrong-channel");
    if (isDistress && this.is("output", "low")) tell.mistake("low-power-in-distress");
    if (this.order[this.said.length] !== word) return tell.mistake("words-out-of-order");
    this.said = [...this.said, word];
    if (this.isSaid) this.over.mark(this.given.panel.at);
  }

  works(): Works {
    const { setup, task } = this.given;
    const needsAlert = task === "distress" && setup.hasDistressButton;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "key-stuck", when: () => this.sending.seconds > setup.talkMostSeconds + hair },
        { code: "squelch-shut", when: () => this.deaf.isFor(shutS) },
      ],
      leaving: [{ code: "key-stuck", when: () => this.isSending }],
      outputs: () => ({ lit: this.isOn, sending: this.isSending, heard: this.hears }),
      goal: () => task !== null && this.isAnswered && !this.isSending && (!needsAlert || this.isAlerted),
    };
  }

  private get hears(): string {
    const squelch = this.given.panel.number("squelch");
    if (!this.isOn || this.isSending || squelch >= shutSquelch) return "nothing";
    if (this.isBusy) return "voices";
    return squelch < 1 ? "hiss" : "nothing";
  }
}

export const radio = device<RadioSetup>({
  name: "radio",
  setup: setupOf<RadioSetup>({
    ...{ hasDistressButton: yesNo(true), distressHoldSeconds: figure(5), talkMostSeconds: figure(30) },
    ...{ othersSeconds: figure(6), othersEverySeconds: figure(20) },
  }),
  controls: () => [
    ...[choice("power", "off", "on"), choice("channel", distressChannel, "6", workingChannel, "72")],
    ...[number("squelch", 0, 10, 4), choice("output", "low", "high"), choice("key", "free", "held")],
    ...words.map(button),
    ...[choice("cover", "shut", "open"), button("distress"), look("display"), listen("speaker")],
  ],
  outputs: () => [
    { name: "lit", unit: "" },
    { name: "sending", unit: "" },
    { name: "heard", unit: "" },
  ],
  faults: ["key-sticks", "no-power"],
  tasks: ["call", "distress"],
  mistakes: [
    ...["talked-over", "wrong-channel", "key-stuck", "said-unheard", "words-out-of-order", "low-power-in-distress"],
    ...["distress-sent-for-nothing", "squelch-shut"],
  ],
  make: (given) => new Radio(given).works(),
});
