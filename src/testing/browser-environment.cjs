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
    // jsdom draws nothing: whatever is drawn goes nowhere
    this.global.HTMLCanvasElement.prototype.getContext = () =>
      new Proxy({}, { get: () => () => undefined, set: () => true });
    // nor does it scroll
    this.global.scrollTo = () => {};
    this.global.Element.prototype.scrollTo ??= () => {};
    // jsdom shows no dialogs
    const dialog = this.global.HTMLDialogElement.prototype;
    dialog.showModal ??= function () {
      this.open = true;
    };
    dialog.close ??= function () {
      this.open = false;
      this.dispatchEvent(new this.ownerDocument.defaultView.Event("close"));
    };
    // nor has it a width: every question about the screen is answered with no, as on a phone
    this.global.matchMedia ??= () => ({ matches: false, addEventListener() {}, removeEventListener() {} });
    this.global.ResizeObserver ??= class {
      observe() {}
      unobserve() {}
      disconnect() {}
    };
  }
};
