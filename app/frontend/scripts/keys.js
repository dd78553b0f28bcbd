// Shortcuts: a letter after "g" goes somewhere, "/" looks for something, "w" opens why, "?" lists them all.
// What stands in the list of the page (dialog#shortcuts) is what works.
let leader = -Infinity;

function typing(target) {
  return target.matches?.("input, textarea, select, [contenteditable]");
}

const BOXES = "input:not([type=hidden], [type=checkbox], [type=radio], [type=range]), select, textarea";
const asked = () => [...document.querySelectorAll(`.now :is(${BOXES})`)];

function follow(key) {
  const link = document.querySelector(`dialog#shortcuts a[data-key="${key}"]`);
  if (link) link.click();
}

/**
 * Enter in a box of readings waits for the next one; pressed again, and in any other box, it goes on to the next box
 * that is asked.
 */
function entered(box) {
  if (box.dataset.readings !== undefined && /\S$/.test(box.value)) {
    box.value = `${box.value.trim()} `;
    box.dispatchEvent(new Event("input", { bubbles: true }));
    return;
  }
  const all = asked();
  const next = all[all.indexOf(box) + 1];
  if (all.includes(box) && !next && askNext()) return;
  (all.includes(box) && next ? next : document.querySelector(".foot .go"))?.focus();
}

/** Once all that is asked is said, the stage is asked what comes next. */
function askNext() {
  const boxes = asked();
  const asker = document.getElementById("ask-next");
  if (!asker || !boxes.length || boxes.some((box) => !box.value.trim())) return false;
  if (asker.matches(".htmx-request")) return true;
  document.activeElement.blur();
  htmx.trigger(asker, "unbo:ask");
  return true;
}

/** A digit chooses that line of a list whose lines begin with none. */
function pick(list, { key, ctrlKey, altKey, metaKey }) {
  if (ctrlKey || altKey || metaKey) return false;
  const lines = [...list.options].filter((line) => line.value);
  const line = lines[Number(key) - 1];
  if (!line || lines.some((other) => /^\d/.test(other.text.trim()))) return false;
  list.value = line.value;
  list.dispatchEvent(new Event("change", { bubbles: true }));
  return true;
}

/**
 * The first box that a stage asks for waits for what is typed, where there is a keyboard and nothing else was chosen; a
 * step that is played, or an instrument that is captured by a key, goes before it.
 */
function ready() {
  if (
    document.activeElement !== document.body ||
    window.location.hash ||
    document.querySelector("[data-tick], [data-answer], [data-live]")
  )
    return;
  if (!window.matchMedia?.("(hover: hover)").matches) return;
  (asked()[0] ?? document.querySelector(".foot .go"))?.focus({ preventScroll: true });
}

document.addEventListener("htmx:afterSettle", ready);
ready();

document.addEventListener("keydown", (event) => {
  const list = document.getElementById("shortcuts");
  if (!list) return;
  if (event.ctrlKey && event.key === "Enter") {
    const form = event.target.closest?.("form") ?? document.getElementById("stage-form");
    if (form) {
      event.preventDefault();
      // pressed, not only named: what it leads to is sent with it
      const go = form.id === "stage-form" ? document.querySelector(".foot .go") : null;
      if (go) go.click();
      else form.requestSubmit();
    }
    return;
  }
  if (
    event.key === "Enter" &&
    event.target.matches?.("#stage-form :is(input:not([type=checkbox], [type=radio]), select)")
  ) {
    event.preventDefault();
    entered(event.target);
    return;
  }
  if (event.target.matches?.("#stage-form select") && pick(event.target, event)) {
    event.preventDefault();
    return;
  }
  if (event.key === "Escape" && event.target.matches?.("#stage-form *")) event.target.blur();
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
  if (/^[\d.,+-]$/.test(event.key) && !document.querySelector("[data-tick], [data-answer]")) {
    // a figure that is typed at no box goes into the first one that waits for one
    const box = asked().find((one) => !one.value);
    box?.focus();
    if (box?.matches("select") && pick(box, event)) event.preventDefault();
    return;
  }
  if (event.timeStamp - leader < 1500) {
    leader = -Infinity;
    follow("g " + event.key);
    return;
  }
  if (event.key === "g") leader = event.timeStamp;
  else if (event.key === "?") list.showModal();
  else if (event.key === "/") {
    event.preventDefault();
    document.querySelector("#search")?.focus();
  } else if (event.key === "w")
    document.querySelectorAll("details.why").forEach((d) => {
      d.open = !d.open;
    });
});

document.addEventListener("change", (event) => {
  if (!event.target.closest?.(".now")) return;
  // where the hand goes on to another box of the card, nothing is moved under it
  setTimeout(() => {
    const at = document.activeElement;
    if (at === event.target || !at?.closest("#card-boxes")) askNext();
  });
});

document.addEventListener("click", (event) => {
  if (event.target.closest?.("[data-opens=shortcuts]")) document.getElementById("shortcuts").showModal();
  const take = event.target.closest?.("[data-take]");
  if (take) {
    const box = document.getElementById(take.dataset.take);
    box.value = take.dataset.value;
    box.dispatchEvent(new Event("input", { bubbles: true }));
    box.focus();
  }
});
