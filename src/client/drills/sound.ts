import type { Output } from "@/core/drills/device";

/** What one would hear, from the outputs of a device: the engine's revs, a motor's whine, an alarm. */
export interface Heard {
  hz: number;
  /** 0 to 1 */
  loud: number;
  isAlarm: boolean;
}

/** An octave above the firings of three cylinders, so that a telephone can sound it. */
const engineHzPerRpm = 1 / 20;
const motorHz = 190;

/** Which sound a device makes just now. */
export function heardOf(state: Readonly<Record<string, Output>>): Heard {
  const of = (name: string) => Object.entries(state).filter(([key]) => key.split(":")[0] === name);
  const rpm = Math.max(0, ...of("rpm").map(([, value]) => Number(value)));
  const isRunning = of("running").some(([, value]) => value === true);
  const turns = state.turning !== undefined && state.turning !== "no";
  const isMotor = turns || Number(state.amps ?? 0) > 0 || state.pumping === true || state.generator === "on";
  const isAlarm = of("alarm").some(([, value]) => value === true);
  if (isRunning && rpm > 0) return { hz: Math.max(30, rpm * engineHzPerRpm), loud: 0.5, isAlarm };
  if (isMotor) return { hz: motorHz, loud: 0.35, isAlarm };
  return { hz: motorHz, loud: 0, isAlarm };
}

const alarmHz = 880;
/** How long the alarm sounds and is still, s. */
const alarmS = 0.4;

/** Makes the sound of a device in the browser, from nothing but two oscillators. */
export class Sound {
  private readonly context = new AudioContext();
  private readonly engine = this.voice("sawtooth");
  private readonly alarm = this.voice("square");

  private voice(type: OscillatorType): { tone: OscillatorNode; gain: GainNode } {
    const tone = this.context.createOscillator();
    const gain = this.context.createGain();
    tone.type = type;
    gain.gain.value = 0;
    tone.connect(gain).connect(this.context.destination);
    tone.start();
    return { tone, gain };
  }

  follow({ hz, loud, isAlarm }: Heard): void {
    const now = this.context.currentTime;
    this.engine.tone.frequency.setTargetAtTime(hz, now, 0.1);
    this.engine.gain.gain.setTargetAtTime(loud * 0.1, now, 0.05);
    this.alarm.tone.frequency.value = alarmHz;
    const isOn = isAlarm && now % (2 * alarmS) < alarmS;
    this.alarm.gain.gain.setTargetAtTime(isOn ? 0.06 : 0, now, 0.01);
  }

  stop(): void {
    void this.context.close();
  }
}
