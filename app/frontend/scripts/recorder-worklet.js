// Hands what a microphone hears to the page, block by block.
globalThis.registerProcessor(
  "hears",
  class extends globalThis.AudioWorkletProcessor {
    process(inputs) {
      if (inputs[0][0]) this.port.postMessage(inputs[0][0].slice());
      return true;
    }
  },
);
