// A part that is touched in a section leads to the button that shows its step; in a job it is a link by itself.
// A place that is touched on a vehicle is its name at the edge of the sheet. Without script both are reached by their
// own buttons, links and ticks. Arrow keys go from part to part along the axis.
function touched(event) {
  const drawn = event.target.closest?.("[data-part]");
  const part = drawn?.dataset.part;
  const drawing = drawn?.closest("[data-drawing=section], [data-drawing=places]");
  if (!part || !drawing) return;
  const step = document.querySelector(`button[data-for="${part}"], .spot[data-for="${part}"]`);
  step?.click();
}

document.addEventListener("click", touched);

const middle = (part) => {
  const box = part.getBoundingClientRect();
  return [box.left + box.width / 2, box.top + box.height / 2];
};

/** The parts of a drawing, along its axis; of two at the same place the upper one first. */
function along(drawing) {
  return [...drawing.querySelectorAll("a.part-of")]
    .map((part) => ({ part, at: middle(part) }))
    .sort((a, b) => a.at[0] - b.at[0] || a.at[1] - b.at[1])
    .map(({ part }) => part);
}

const STEPS = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

document.addEventListener("keydown", (event) => {
  const part = event.target.closest?.("a.part-of");
  const step = STEPS[event.key];
  if (!part || !step || event.ctrlKey || event.metaKey || event.altKey) return;
  const all = along(part.closest("svg"));
  event.preventDefault();
  all[(all.indexOf(part) + step + all.length) % all.length].focus();
});
