// Sound as numbers: a WAV file made of samples, the mean spectrum of them.

/** A 16-bit mono WAV file. @param samples from −1 to 1 */
export function wav(samples, rate) {
  const view = new DataView(new ArrayBuffer(44 + 2 * samples.length));
  const text = (at, word) => [...word].forEach((c, i) => view.setUint8(at + i, c.charCodeAt(0)));
  text(0, "RIFF");
  view.setUint32(4, 36 + 2 * samples.length, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, 2 * rate, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  text(36, "data");
  view.setUint32(40, 2 * samples.length, true);
  samples.forEach((s, i) => view.setInt16(44 + 2 * i, Math.round(32767 * Math.max(-1, Math.min(1, s))), true));
  return view.buffer;
}

/** All channels as one. @param buffer as a browser decodes it */
export function mono(buffer) {
  const all = Array.from({ length: buffer.numberOfChannels }, (_, n) => buffer.getChannelData(n));
  return Float32Array.from(all[0], (_, i) => all.reduce((sum, one) => sum + one[i], 0) / all.length);
}

/** The loudest sample, dB under full scale; −∞ of silence. */
export function loudest(samples) {
  return 20 * Math.log10(samples.reduce((most, s) => Math.max(most, Math.abs(s)), 0));
}

/** The discrete Fourier transform in place, radix 2 (Cooley and Tukey, 1965). */
function transform(re, im) {
  const n = re.length;
  for (let i = 1, j = 0; i < n; i++) {
    let bit = n >> 1;
    for (; j & bit; bit >>= 1) j ^= bit;
    j ^= bit;
    if (i < j) {
      [re[i], re[j]] = [re[j], re[i]];
      [im[i], im[j]] = [im[j], im[i]];
    }
  }
  for (let length = 2; length <= n; length <<= 1) {
    const turn = (-2 * Math.PI) / length;
    for (let from = 0; from < n; from += length) {
      for (let k = 0; k < length / 2; k++) {
        const c = Math.cos(turn * k);
        const s = Math.sin(turn * k);
        const a = from + k;
        const b = a + length / 2;
        const x = re[b] * c - im[b] * s;
        const y = re[b] * s + im[b] * c;
        re[b] = re[a] - x;
        im[b] = im[a] - y;
        re[a] += x;
        im[a] += y;
      }
    }
  }
}

/** The mean spectrum by Welch's method, Hann window, half overlapped. @return step in Hz, levels in dB */
export function spectrum(samples, rate, size = 8192) {
  const power = new Float64Array(size / 2);
  const hann = Float64Array.from({ length: size }, (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / size));
  let blocks = 0;
  for (let from = 0; from + size <= samples.length; from += size / 2) {
    const re = Float64Array.from(hann, (w, i) => w * samples[from + i]);
    const im = new Float64Array(size);
    transform(re, im);
    for (let k = 0; k < power.length; k++) power[k] += re[k] * re[k] + im[k] * im[k];
    blocks++;
  }
  const whole = (blocks || 1) * (size / 4) ** 2;
  return { stepHz: rate / size, levels: Array.from(power, (p) => 10 * Math.log10(p / whole + 1e-12)) };
}
