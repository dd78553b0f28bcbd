// Recordings on the noise page: made here by the microphone, taken from a phone in whatever form it keeps them, played
// beside each other, each with its spectrum and a cursor on it.
import { loudest, mono, spectrum, wav } from "./sound.js";

const LEAST_S = 10;
const MOST_S = 60;
const SHOWN_HZ = 2000;
const FLOOR_DB = -90;
/** Height of a spectrum, of its width. */
const TALL = 0.3;
const NOT_HERE =
  "This browser lets a page listen only on this machine itself or over https. Open it there, or record with the " +
  "phone and choose the file.";

/** Why nothing is recorded here; empty where it is. */
export function refused(where = window) {
  return where.isSecureContext && where.navigator?.mediaDevices?.getUserMedia ? "" : NOT_HERE;
}

function pen(name) {
  return getComputedStyle(document.documentElement).getPropertyValue(name).trim() || "black";
}

/** Draws a spectrum with its cursor; says in words what stands under that. */
function draw(canvas, { stepHz, levels }, cursor) {
  const ink = canvas.getContext("2d");
  const { width, height } = canvas;
  const y = (db) => Math.min(height - 14, (height - 14) * (db / FLOOR_DB));
  ink.clearRect(0, 0, width, height);
  ink.font = "12px sans-serif";
  ink.fillStyle = pen("--color-soft");
  ink.strokeStyle = pen("--color-rule");
  for (let hz = 0; hz <= SHOWN_HZ; hz += 500) {
    const x = (width * hz) / SHOWN_HZ;
    ink.beginPath();
    ink.moveTo(x, 0);
    ink.lineTo(x, height - 14);
    ink.stroke();
    ink.fillText(`${hz} Hz`, Math.min(x + 2, width - 50), height - 2);
  }
  ink.strokeStyle = pen("--color-ink");
  ink.beginPath();
  for (let k = 1; k * stepHz <= SHOWN_HZ && k < levels.length; k++) {
    ink.lineTo((width * k * stepHz) / SHOWN_HZ, y(levels[k]));
  }
  ink.stroke();
  ink.strokeStyle = pen("--color-accent");
  ink.beginPath();
  ink.moveTo((width * cursor) / SHOWN_HZ, 0);
  ink.lineTo((width * cursor) / SHOWN_HZ, height - 14);
  ink.stroke();
  const level = levels[Math.round(cursor / stepHz)] ?? FLOOR_DB;
  return `${cursor.toFixed(0)} Hz: ${level.toFixed(0)} dB`;
}

/** One recording that can be heard. Playing one lets the other wait at the same moment. */
function player(holder, samples, rate, address) {
  const audio = holder.querySelector("audio");
  const canvas = holder.querySelector("canvas");
  const told = holder.querySelector("[data-cursor]");
  const heard = spectrum(samples, rate);
  let cursor = 100;
  const show = () => (told.textContent = draw(canvas, heard, cursor));
  const to = (hz) => {
    for (const other of document.querySelectorAll("[data-heard]"))
      other.dispatchEvent(new CustomEvent("cursor", { detail: Math.max(0, Math.min(SHOWN_HZ, hz)) }));
  };
  audio.src = address;
  holder.hidden = false;
  canvas.width = canvas.clientWidth || canvas.width;
  canvas.height = Math.round(TALL * canvas.width);
  holder.addEventListener("cursor", (event) => {
    cursor = event.detail;
    show();
  });
  canvas.onpointermove = (event) => to((SHOWN_HZ * event.offsetX) / canvas.clientWidth);
  canvas.onkeydown = (event) => {
    const step = { ArrowLeft: -heard.stepHz, ArrowRight: heard.stepHz }[event.key];
    if (step) {
      event.preventDefault();
      to(cursor + step);
    }
  };
  audio.onplay = () => {
    for (const other of document.querySelectorAll("[data-heard] audio")) {
      if (other !== audio && !other.paused) {
        other.pause();
        audio.currentTime = Math.min(other.currentTime, audio.duration || other.currentTime);
      }
    }
  };
  show();
}

/** Puts a recording into its box as WAV, and lets it be heard. */
function put(box, samples, rate) {
  const file = new File([wav(samples, rate)], `${box.name}.wav`, { type: "audio/wav" });
  const files = new DataTransfer();
  files.items.add(file);
  box.files = files.files;
  player(document.querySelector(`[data-heard=${box.name}]`), samples, rate, URL.createObjectURL(file));
}

/** A file of a phone, decoded by the browser, becomes WAV before it is sent. */
async function chosen(box, told) {
  const [file] = box.files;
  if (!file) return;
  const context = new AudioContext();
  try {
    const decoded = await context.decodeAudioData(await file.arrayBuffer());
    put(box, mono(decoded), decoded.sampleRate);
    told.textContent = `${decoded.duration.toFixed(0)} s, loudest ${loudest(mono(decoded)).toFixed(0)} dB.`;
  } catch {
    told.textContent = "This browser cannot read the file. Save it as WAV, MP3, M4A or OGG and choose it again.";
  } finally {
    context.close();
  }
}

async function record(box, button, level, told) {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  });
  const context = new AudioContext();
  await context.audioWorklet.addModule(new URL("./recorder-worklet.js", import.meta.url));
  const hears = new AudioWorkletNode(context, "hears");
  const blocks = [];
  let length = 0;
  const done = () => {
    stream.getTracks().forEach((track) => track.stop());
    hears.port.onmessage = null;
    const samples = new Float32Array(length);
    blocks.reduce((at, block) => (samples.set(block, at), at + block.length), 0);
    put(box, samples, context.sampleRate);
    button.textContent = "Record again";
    button.onclick = null;
    const seconds = length / context.sampleRate;
    told.textContent =
      `${seconds.toFixed(0)} s recorded, loudest ${loudest(samples).toFixed(0)} dB.` +
      (seconds < LEAST_S ? ` Under ${LEAST_S} s tells little: record longer.` : " Analyse it.");
    level.hidden = true;
    context.close();
  };
  hears.port.onmessage = ({ data }) => {
    blocks.push(data);
    length += data.length;
    level.value = Math.max(-60, loudest(data));
    const seconds = length / context.sampleRate;
    told.textContent = `${seconds.toFixed(0)} of ${MOST_S} s; ${LEAST_S} at least`;
    if (seconds >= MOST_S) done();
  };
  context.createMediaStreamSource(stream).connect(hears);
  level.hidden = false;
  button.textContent = "Stop";
  button.onclick = (event) => {
    event.stopImmediatePropagation();
    done();
  };
}

for (const holder of document.querySelectorAll("[data-record]")) {
  const box = document.getElementById(holder.dataset.record);
  const button = holder.querySelector("button");
  const level = holder.querySelector("meter");
  const told = holder.querySelector("[data-told]");
  holder.hidden = false;
  box.accept = "audio/*,.wav,.m4a,.mp3,.ogg";
  box.addEventListener("change", () => chosen(box, told));
  button.addEventListener("click", () => {
    if (button.onclick) return;
    const why = refused();
    if (why) {
      told.textContent = why;
      return;
    }
    record(box, button, level, told).catch(() => {
      told.textContent =
        "The microphone was not given. Allow it for this page in the browser, or choose a file instead.";
    });
  });
}

// An answer that says why there is none is shown too.
document.addEventListener("htmx:beforeSwap", (event) => {
  if (event.target.id === "answer") event.detail.shouldSwap = true;
});

const simulated = document.querySelector("a[data-simulated]");
if (simulated) {
  fetch(simulated.href)
    .then((answer) => answer.arrayBuffer())
    .then(async (bytes) => {
      const context = new AudioContext();
      const decoded = await context.decodeAudioData(bytes);
      player(
        document.querySelector("[data-heard=simulated]"),
        mono(decoded),
        decoded.sampleRate,
        URL.createObjectURL(new Blob([wav(mono(decoded), decoded.sampleRate)], { type: "audio/wav" })),
      );
      context.close();
    });
}
