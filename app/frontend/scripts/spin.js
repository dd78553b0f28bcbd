// Turning parts of a drawing, slowed to what an eye can follow. Without script, or where motion is not wanted, they
// stand still.
const TURN_SECONDS = 12;
const still = matchMedia("(prefers-reduced-motion: reduce)");
const begun = performance.now();

function frame(now) {
  const parts = document.querySelectorAll("g[data-spin]");
  if (parts.length && !still.matches && !document.hidden) {
    const turns = (now - begun) / 1000 / TURN_SECONDS;
    parts.forEach((g) => g.setAttribute("transform", `rotate(${(turns * 360 * Number(g.dataset.spin)) % 360})`));
  }
  if (parts.length) requestAnimationFrame(frame);
  else running = false;
}

let running = false;
function start() {
  if (!running && document.querySelector("g[data-spin]")) {
    running = true;
    requestAnimationFrame(frame);
  }
}
document.addEventListener("htmx:afterSettle", start);
start();
