// Three places of a ring touched on its photo, one after the other; the numbers go into the form's boxes.
const order = ["centre", "outboard", "inboard"];
const words = { centre: "centre", outboard: "outboard edge", inboard: "other edge" };
const ns = "http://www.w3.org/2000/svg";

const box = (name) => document.querySelector(`[name="${name}"]`);
const value = (name) => Number.parseFloat(box(name).value);
const told = (place) => Number.isFinite(value(`${place}X`)) && Number.isFinite(value(`${place}Y`));

export function next(has) {
  return order.find((place) => !has(place)) ?? order[0];
}

function circle(x, y, r, kind) {
  const shape = document.createElementNS(ns, "circle");
  for (const [name, to] of Object.entries({ cx: x, cy: y, r, class: `touched ${kind}` })) shape.setAttribute(name, to);
  return shape;
}

function shown() {
  const seen = document.querySelector("[data-touch-seen]");
  seen.replaceChildren();
  if (told("centre")) {
    const [x, y] = [value("centreX"), value("centreY")];
    seen.append(circle(x, y, 0.8, "answer"));
    for (const edge of ["outboard", "inboard"])
      if (told(edge)) seen.append(circle(x, y, Math.hypot(value(`${edge}X`) - x, value(`${edge}Y`) - y), "answer"));
  }
  const all = order.every(told);
  document.querySelector("[data-touch-says]").textContent = all
    ? "All three are there. Touch again to begin anew with the centre."
    : `Touch the ${words[next(told)]}.`;
}

document.querySelector("[data-touch]")?.addEventListener("click", (event) => {
  const photo = event.currentTarget.querySelector("img").getBoundingClientRect();
  if (order.every(told)) for (const place of order) box(`${place}X`).value = box(`${place}Y`).value = "";
  const place = next(told);
  box(`${place}X`).value = (((event.clientX - photo.left) / photo.width) * 100).toFixed(1);
  box(`${place}Y`).value = (((event.clientY - photo.top) / photo.width) * 100).toFixed(1);
  shown();
});
document.addEventListener("input", (event) => event.target.closest?.("form") && shown());
shown();
