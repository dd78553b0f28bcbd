// A part that is touched in a section leads to its step: the button that shows it, else its tick in the list of steps.
// A place that is touched on a vehicle is its name at the edge of the sheet. Without script both are reached by their
// own buttons, links and ticks.
function touched(event) {
  const drawn = event.target.closest?.("[data-part]");
  const part = drawn?.dataset.part;
  const drawing = drawn?.closest("[data-drawing=section], [data-drawing=places]");
  if (!part || !drawing) return;
  const step = document.querySelector(`button[data-for="${part}"], .spot[data-for="${part}"]`);
  const tick = document.querySelector(`input[name^="tick-${part}-"]`);
  if (step) {
    step.click();
  } else if (tick) {
    tick.scrollIntoView({ block: "center" });
    tick.focus();
  }
}

document.addEventListener("click", touched);
