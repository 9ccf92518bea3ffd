const { TestEnvironment } = require("jest-environment-jsdom");

/** jsdom with what Node has of the web and jsdom has not. */
module.exports = class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    for (const name of [
      "structuredClone",
      "TextEncoder",
      "TextDecoder",
      "Response",
      "Request",
      "Headers",
      "ReadableStream",
    ])
      this.global[name] ??= globalThis[name];
    // of the same realm as the encoder, which hashes look at
    this.global.Uint8Array = globalThis.Uint8Array;
    this.global.ResizeObserver ??= class {
      observe() {}
      unobserve() {}
      disconnect() {}
    };
  }
};
