// A touched result is written into the form's hidden text at once, so that quick touches add up; the server reads it.
const again = "unbo:again";

function form(button) {
  return document.getElementById(button.getAttribute("form"));
}

function hidden(of, name) {
  return of.querySelector(`[data-${name}]`);
}

export function entries(text) {
  return text.split(/[;\s]+/).filter(Boolean);
}

const check = (entry) => entry.replace(/=.*/, "");

export function noted(text, added) {
  const fresh = entries(added);
  const kept = entries(text).filter((entry) => !fresh.some((one) => check(one) === check(entry)));
  return [...kept, ...fresh].join(" ");
}

export function toggled(text, code) {
  const codes = entries(text);
  return (codes.includes(code) ? codes.filter((one) => one !== code) : [...codes, code]).join(" ");
}

function ask(of) {
  const listens = of.matches("[data-notes]") ? of : of.querySelector("[data-notes]");
  listens.dispatchEvent(new CustomEvent("unbo:noted", { bubbles: true }));
  htmx.trigger(listens, again);
}

document.addEventListener("click", (event) => {
  const button = event.target.closest?.("[data-note], [data-undo], [data-toggle]");
  if (!button || button.disabled) return;
  event.preventDefault();
  const of = form(button);
  const { note, undo, toggle } = button.dataset;
  const box = hidden(of, toggle ? "circumstances" : "checks");
  if (note) box.value = noted(box.value, note);
  else if (undo)
    box.value = entries(box.value)
      .filter((entry) => check(entry) !== undo)
      .join(" ");
  else box.value = toggled(box.value, toggle);
  ask(of);
});

document.addEventListener("change", (event) => {
  const look = event.target.closest?.("[data-look]");
  if (!look || !look.value) return;
  ask(form(look));
});

// What was touched goes with the swap: the keyboard stays at the next checks.
let touched = false;
document.addEventListener("htmx:beforeSwap", () => {
  touched = document.activeElement?.matches?.("[data-note], [data-undo], [data-look]") ?? false;
});
document.addEventListener("htmx:afterSettle", () => {
  if (touched && document.activeElement === document.body)
    document.getElementById("next")?.focus({ preventScroll: true });
  touched = false;
});
