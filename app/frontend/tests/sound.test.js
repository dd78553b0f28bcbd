import assert from "node:assert/strict";
import { test } from "node:test";
import { loudest, mono, spectrum, wav } from "../scripts/sound.js";

const RATE = 16000;
const tone = (hz, seconds, height) =>
  Float32Array.from({ length: RATE * seconds }, (_, i) => height * Math.sin((2 * Math.PI * hz * i) / RATE));

test("a WAV file holds its rate, its length and its samples, cut at full scale", () => {
  const view = new DataView(wav([0, 0.5, -1, 2], RATE));
  assert.equal(view.byteLength, 44 + 8);
  assert.equal(String.fromCharCode(view.getUint8(0), view.getUint8(1)), "RI");
  assert.equal(view.getUint32(24, true), RATE);
  assert.equal(view.getUint32(40, true), 8);
  assert.deepEqual(
    [0, 1, 2, 3].map((i) => view.getInt16(44 + 2 * i, true)),
    [0, 16384, -32767, 32767],
  );
});

test("a tone of half height stands at its frequency, 6 dB under full scale", () => {
  const { stepHz, levels } = spectrum(tone(500, 4, 0.5), RATE);
  const top = levels.indexOf(Math.max(...levels));
  assert.ok(Math.abs(top * stepHz - 500) <= stepHz);
  assert.ok(Math.abs(levels[top] - 20 * Math.log10(0.5)) < 1, `${levels[top]}`);
  assert.ok(levels[Math.round(1500 / stepHz)] < -80);
});

test("the loudest sample is told under full scale, and channels become one", () => {
  assert.ok(Math.abs(loudest([0.1, -0.5]) + 6.02) < 0.01);
  const both = [Float32Array.of(1, 0), Float32Array.of(0, 0.5)];
  const one = mono({ numberOfChannels: 2, getChannelData: (n) => both[n] });
  assert.deepEqual([...one], [0.5, 0.25]);
});
