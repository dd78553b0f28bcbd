// A bar of the day is pushed along by mouse or pen and pinned where it is let go; a finger scrolls, and types a time.
const STEP = 5;
let held = null;

const minutes = (clock) => {
  const [hours, rest] = clock.split(":").map(Number);
  return 60 * hours + rest;
};

/** A time of day so many minutes later, to the next five minutes; at midnight at the earliest, before the next one. */
export function later(clock, by) {
  const at = Math.min(24 * 60 - STEP, Math.max(0, Math.round((minutes(clock) + by) / STEP) * STEP));
  return `${String(Math.floor(at / 60)).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
}

const form = (code) => [...document.querySelectorAll("form[data-pin]")].find((f) => f.dataset.pin === code);

/** Units of a drawing's width that so many pixels are. */
const units = (svg, pixels) => (pixels * svg.viewBox.baseVal.width) / svg.getBoundingClientRect().width;

document.addEventListener("pointerdown", (event) => {
  const bar = event.target.closest?.("[data-day] .part-of");
  const pin = bar && form(bar.dataset.part);
  // what begins on another day says its day too
  if (!pin || event.pointerType === "touch" || !/^\d\d:\d\d$/.test(pin.dataset.begins ?? "")) return;
  event.preventDefault();
  held = { bar, pin, x: event.clientX, by: 0 };
  bar.setPointerCapture?.(event.pointerId);
});
document.addEventListener("pointermove", (event) => {
  if (!held) return;
  held.by = units(held.bar.ownerSVGElement, event.clientX - held.x);
  held.bar.setAttribute("transform", `translate(${held.by} 0)`);
});
function drop(event) {
  if (!held) return;
  const { bar, pin, by } = held;
  held = null;
  const box = pin.querySelector("input[name=at]");
  const at = later(pin.dataset.begins, by * Number(bar.closest("[data-day]").dataset.day));
  if (event.type === "pointercancel" || at === later(pin.dataset.begins, 0)) {
    bar.removeAttribute("transform");
    return;
  }
  box.value = at;
  pin.requestSubmit();
}
document.addEventListener("pointerup", drop);
document.addEventListener("pointercancel", drop);
