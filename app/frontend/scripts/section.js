// A part that is touched in a section leads to its step: the button that shows it, else its tick in the list of steps.
// Without script the steps are reached by their own buttons and ticks.
function touched(event) {
  const part = event.target.closest?.("[data-drawing=section] [data-part]")?.dataset.part;
  if (!part) return;
  const step = document.querySelector(`button[data-for="${part}"]`);
  const tick = document.querySelector(`input[name^="tick-${part}-"]`);
  if (step) {
    step.click();
  } else if (tick) {
    tick.scrollIntoView({ block: "center" });
    tick.focus();
  }
}

document.addEventListener("click", touched);
