// A part that is touched in a section leads to the button that shows its step; in a job it is a link by itself.
// A place that is touched on a vehicle is its name at the edge of the sheet. Without script both are reached by their
// own buttons, links and ticks.
function touched(event) {
  const drawn = event.target.closest?.("[data-part]");
  const part = drawn?.dataset.part;
  const drawing = drawn?.closest("[data-drawing=section], [data-drawing=places]");
  if (!part || !drawing) return;
  const step = document.querySelector(`button[data-for="${part}"], .spot[data-for="${part}"]`);
  step?.click();
}

document.addEventListener("click", touched);
