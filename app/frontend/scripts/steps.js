// Steps are played: a touch, Space, Enter or a foot switch does the one that is shown and brings the next; Backspace
// goes one back. What is looked at is played alike: Space says it is as it should be, a digit and Enter say which
// answer. What an instrument types meanwhile answers nothing, nor does the Enter that ends it. A step keeps the time at
// which it was done; seconds that run out in a step are counted down from when it comes. The screen stays awake
// meanwhile; where the browser has a voice it can read each step aloud.
const VOICE = "unbo-voice";
let waits = false;
let lock = null;
let said = "";

const answers = () => [...document.querySelectorAll("[data-answer]:not([data-back])")];
const button = () => document.querySelector("[data-tick]") ?? answers()[0];
const aloud = () => localStorage.getItem(VOICE) === "yes";

/** The minute in the clock of this place, as a step keeps it. */
function minute() {
  const now = new Date();
  return new Date(now - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

function change(code, done) {
  const tick = document.getElementById(`tick-${code}`);
  if (!tick) return;
  tick.checked = done;
  waits = true;
  tick.dispatchEvent(new Event("change", { bubbles: true }));
}

/** Writes the answer to a look into its box; one that wants a reason goes on to that. */
function answer(from) {
  const box = document.querySelector(`#stage-form [name="${from.dataset.answer}"]`);
  if (!box) return;
  box.value = from.dataset.value;
  const why = from.textContent.trim().endsWith("…");
  waits = !why;
  box.dispatchEvent(new Event("change", { bubbles: true }));
  if (!why) return;
  box.closest("details").open = true;
  const boxes = [...document.getElementById("stage-form").elements];
  boxes[boxes.indexOf(box) + 1].focus();
}

async function stayAwake() {
  try {
    lock ??= await navigator.wakeLock?.request("screen");
  } catch {
    lock = null; // not allowed here: the screen goes dark as it always did
  }
}

function read() {
  const step = document.querySelector("#step-now .nowstep");
  if (!aloud() || !step || !("speechSynthesis" in window)) return;
  speechSynthesis.cancel();
  const caution = document.querySelector("#step-now .caution")?.textContent ?? "";
  speechSynthesis.speak(new SpeechSynthesisUtterance(`${caution} ${step.textContent}`));
}

/** What only a script can do is shown once there is one. */
function ready() {
  document.querySelectorAll("[data-tick], [data-untick], [data-answer]").forEach((b) => {
    b.hidden = false;
  });
  const toggle = document.querySelector("[data-voice]");
  if (!toggle) return;
  toggle.hidden = !("speechSynthesis" in window);
  toggle.setAttribute("aria-pressed", String(aloud()));
}

document.addEventListener("click", (event) => {
  const target = event.target.closest?.("[data-tick], [data-untick], [data-answer], [data-voice]");
  if (!target) return;
  if (target.dataset.tick) {
    stayAwake();
    change(target.dataset.tick, true);
  } else if (target.dataset.answer) {
    answer(target);
  } else if (target.dataset.untick) {
    change(target.dataset.untick, false);
  } else {
    localStorage.setItem(VOICE, aloud() ? "no" : "yes");
    ready();
    if (aloud()) read();
    else speechSynthesis.cancel();
  }
});

// before it is sent: a step that is ticked keeps the minute, one that is not forgets it
document.addEventListener(
  "change",
  (event) => {
    if (event.target.matches?.("input[id^='tick-']")) event.target.value = event.target.checked ? minute() : "yes";
  },
  true,
);

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || !button()) return;
  const idle = event.target === document.body || event.target.matches?.("[data-tick], [data-answer]");
  if (!idle) return;
  const back = document.querySelector("[data-untick], [data-back]");
  if (/^[\d.,+-]$/.test(event.key)) {
    said += event.key;
    return;
  }
  const typed = said;
  said = "";
  if (event.key === "Enter" && typed) {
    event.preventDefault();
    answers()[Number(typed) - 1]?.click();
  } else if (event.key === " " || event.key === "Enter") {
    event.preventDefault();
    if (event.repeat) return;
    (event.target.matches?.("[data-answer]") ? event.target : button()).click();
  } else if (event.key === "Backspace" && back) {
    event.preventDefault();
    back.click();
  }
});

document.addEventListener("htmx:afterSettle", () => {
  ready();
  if (!waits) return;
  waits = false;
  const next = button();
  if (document.querySelector("#step-now [data-countdown]")) document.dispatchEvent(new CustomEvent("unbo:begin"));
  if (next) next.focus();
  else {
    lock?.release();
    lock = null;
    document.querySelector(".now :is(input, select, textarea), .foot .go")?.focus();
  }
  read();
});
ready();
