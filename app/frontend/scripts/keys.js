// Shortcuts: a letter after "g" goes somewhere, "/" looks for something, "w" opens why, "?" lists them all.
// What stands in the list of the page (dialog#shortcuts) is what works.
let leader = -Infinity;

function typing(target) {
  return target.matches?.("input, textarea, select, [contenteditable]");
}

function follow(key) {
  const link = document.querySelector(`dialog#shortcuts a[data-key="${key}"]`);
  if (link) link.click();
}

/** Enter in a box of readings waits for the next one; in any other box it goes on to the next box that is asked. */
function entered(box) {
  if (box.dataset.readings !== undefined && box.value.trim()) {
    box.value = `${box.value.trim()} `;
    box.dispatchEvent(new Event("input", { bubbles: true }));
    return;
  }
  const asked = [...document.querySelectorAll(".now :is(input, select, textarea)")];
  const next = asked[asked.indexOf(box) + 1];
  (asked.includes(box) && next ? next : document.querySelector(".foot .go"))?.focus();
}

/**
 * The first box that a stage asks for waits for what is typed, where there is a keyboard and nothing else was chosen; a
 * step that is played, or an instrument that is captured by a key, goes before it.
 */
function ready() {
  if (
    document.activeElement !== document.body ||
    window.location.hash ||
    document.querySelector("[data-tick], [data-live]")
  )
    return;
  if (!window.matchMedia?.("(hover: hover)").matches) return;
  const asked = ".now :is(input:not([type=hidden], [type=checkbox], [type=radio]), select, textarea)";
  const box = document.querySelector(asked) ?? document.querySelector(".foot .go");
  box?.focus({ preventScroll: true });
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
      form.requestSubmit(form.id === "stage-form" ? document.querySelector(".foot .go") : undefined);
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
  if (event.key === "Escape" && event.target.matches?.("#stage-form *")) event.target.blur();
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
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
