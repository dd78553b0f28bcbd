// What is typed is asked as one types, and once more as the box is left: the same is not asked twice. While a slider
// moves, it is asked as often as answers come.
const pace = 200;
const last = new WeakMap();
let slid = -pace;

/** What a form would send, but for what counts its sendings. */
export function texts(data) {
  const entries = [...data].filter(([name]) => name !== "seq" && name !== "_csrf");
  return entries.map(([name, value]) => `${name}=${value}`).join("\n");
}

/** Whether a request by this event says what the one before it said. */
export function repeats(before, now, event) {
  return before === now && (event === "input" || event === "change");
}

function said(elt) {
  const form = elt.closest("form");
  return form && texts(new FormData(form));
}

document.addEventListener("htmx:confirm", (event) => {
  const { elt, triggeringEvent } = event.detail;
  const now = said(elt);
  if (!now || !elt.matches("fieldset[hx-post], form[hx-get]")) return;
  if (repeats(last.get(elt), now, triggeringEvent?.type)) event.preventDefault();
  else last.set(elt, now);
});

/** What was not answered may be asked again. */
function forget(event) {
  last.delete(event.detail.elt);
}
document.addEventListener("htmx:sendError", forget);
document.addEventListener("htmx:timeout", forget);
document.addEventListener("htmx:responseError", forget);

document.addEventListener("input", (event) => {
  if (!event.target.matches?.("input[data-slide]")) return;
  const asks = event.target.closest("fieldset[hx-post], form[hx-get]");
  const now = performance.now();
  if (!asks || asks.matches(".htmx-request") || now - slid < pace) return;
  slid = now;
  const box = document.getElementById(event.target.dataset.slide);
  queueMicrotask(() => box?.dispatchEvent(new Event("change", { bubbles: true })));
});
