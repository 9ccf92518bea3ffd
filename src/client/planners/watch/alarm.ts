/** Wakes people: a sound that rises and falls, and the telephone shaking, until it is ended. */
export class WatchAlarm {
  private audio: AudioContext | null = null;
  private sound: OscillatorNode | null = null;
  private shaking: ReturnType<typeof setInterval> | null = null;

  /** Has to be called by a tap once: browsers let no page make a sound before. */
  prepare(): void {
    const Context = globalThis.AudioContext;
    if (!this.audio && typeof Context === "function") this.audio = new Context();
    void this.audio?.resume();
  }

  /** Begins; once more while it sounds does nothing. */
  start(): void {
    if (this.shaking !== null) return;
    const shake = () => navigator.vibrate?.([600, 200, 600]);
    shake();
    this.shaking = setInterval(shake, 1800);
    if (!this.audio) return;
    const [sound, swing, depth] = [
      this.audio.createOscillator(),
      this.audio.createOscillator(),
      this.audio.createGain(),
    ];
    sound.type = "square";
    sound.frequency.value = 880;
    swing.frequency.value = 2;
    depth.gain.value = 260;
    swing.connect(depth).connect(sound.frequency);
    sound.connect(this.audio.destination);
    sound.start();
    swing.start();
    this.sound = sound;
  }

  /** Sounds for two seconds, so that people know whether they would hear it. */
  tryOut(): void {
    this.prepare();
    this.start();
    setTimeout(() => this.stop(), 2000);
  }

  stop(): void {
    if (this.shaking === null) return;
    clearInterval(this.shaking);
    this.shaking = null;
    navigator.vibrate?.(0);
    this.sound?.stop();
    this.sound = null;
  }
}
