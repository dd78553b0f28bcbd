// Turning the drawn nut by pointer or arrow keys writes the angle into its field; the server does the sum.
const stepKeys = { ArrowLeft: 1, ArrowUp: 1, ArrowRight: -1, ArrowDown: -1 };

function field() {
  return document.querySelector("input[name=freeAngleDeg]");
}

function put(svg, degrees) {
  const angle = Math.round(((degrees % 360) + 360) % 360);
  const nut = svg.querySelector("[data-turn=nut]");
  nut.setAttribute("transform", `rotate(${-angle})`);
  field().value = String(angle);
  field().dispatchEvent(new Event("input", { bubbles: true }));
}

function angleOf(svg, event) {
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  return (Math.atan2(-at.x, -at.y) * 180) / Math.PI;
}

document.addEventListener("pointerdown", (down) => {
  const svg = down.target.closest("svg[data-drawing=nut-face]");
  if (!svg || !field() || field().disabled) return;
  down.preventDefault();
  const start = angleOf(svg, down);
  const from = parseFloat(field().value.replace(",", ".")) || 0;
  const move = (event) => {
    const current = document.querySelector("svg[data-drawing=nut-face]");
    put(current, from + angleOf(current, event) - start);
  };
  const up = () => {
    document.removeEventListener("pointermove", move);
    document.removeEventListener("pointerup", up);
    document.removeEventListener("pointercancel", up);
  };
  document.addEventListener("pointermove", move);
  document.addEventListener("pointerup", up);
  document.addEventListener("pointercancel", up);
});

document.addEventListener("keydown", (event) => {
  const svg = event.target.closest?.("svg[data-drawing=nut-face]");
  if (!svg || !field() || !(event.key in stepKeys)) return;
  event.preventDefault();
  const from = parseFloat(field().value.replace(",", ".")) || 0;
  put(svg, from + stepKeys[event.key] * (event.shiftKey ? 10 : 1));
});

// The answer is replaced while it is being turned: keep the keyboard on the drawing.
let onDrawing = false;
document.addEventListener("htmx:beforeSwap", () => {
  onDrawing = document.activeElement?.matches?.("svg[data-drawing=nut-face]") ?? false;
});
document.addEventListener("htmx:afterSettle", () => {
  if (onDrawing) document.querySelector("svg[data-drawing=nut-face]")?.focus();
});
