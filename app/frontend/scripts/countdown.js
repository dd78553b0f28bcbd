// Seconds in the hand, counted down large: started and stopped by its button or the key k, and begun by the step in
// which they run out.
let ends = 0;
let beat = 0;

const clock = () => document.querySelector("[data-countdown]");

function show(element, left) {
  element.querySelector("[data-count-left]").textContent = String(Math.max(0, Math.ceil(left)));
  element.classList.toggle("over", left <= 0);
}

function tick() {
  const element = clock();
  if (!element) return stop();
  const left = (ends - performance.now()) / 1000;
  show(element, left);
  if (left <= 0) stop();
}

function stop() {
  clearInterval(beat);
  beat = 0;
}

function toggle() {
  const element = clock();
  if (!element) return;
  if (beat) {
    stop();
    show(element, Number(element.dataset.countdown));
    return;
  }
  ends = performance.now() + Number(element.dataset.countdown) * 1000;
  beat = setInterval(tick, 100);
  tick();
}

document.addEventListener("click", (event) => {
  if (event.target.closest?.("[data-count-go]")) toggle();
});
document.addEventListener("unbo:begin", () => {
  if (!beat) toggle();
});
document.addEventListener("keydown", (event) => {
  if (
    event.key !== "k" ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    event.target.matches?.("input, select, textarea, [data-turn]") ||
    !clock()
  )
    return;
  event.preventDefault();
  toggle();
});
