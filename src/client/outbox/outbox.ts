/**
 * What of a store of this device waits for the base, sent lane by lane. One round runs after the other: what is asked for
 * while a round is failing is tried again after it.
 */
export class Outbox {
  private rounds: Promise<void> = Promise.resolve();

  /**
   * @param lanes in the order in which they go; one that cannot be sent now holds up no other
   * @param onRound called after each round, whatever came of it
   */
  constructor(
    private readonly lanes: readonly (() => Promise<void>)[],
    private readonly onRound: () => Promise<void> | void,
  ) {}

  /** Sends what waits; without signal it stays. Settles when the round is over. */
  flush(): Promise<void> {
    this.rounds = this.rounds.then(async () => {
      for (const lane of this.lanes) await lane().catch(() => undefined);
      await this.onRound();
    });
    return this.rounds;
  }
}
