// Painting on the unrolled races by pointer, finger or keyboard: strokes go into the form's hidden texts; the server
// reads them.
const ns = "http://www.w3.org/2000/svg";
const order = [];
let cursor = { angle: 180, across: 50 };
let focused = "";

const brush = () => document.querySelector("[data-brush]");
const box = (ring) => document.querySelector(`[data-race="${ring}"]`);
const ringOf = (group) => group.dataset.turn.replace("ring-", "");
export const strokes = (text) => text.split("|").filter((one) => one.trim());

function mark() {
  return brush().querySelector("input[name=brush-mark]:checked").value;
}

function width() {
  return Number(brush().querySelector("[data-brush-width]").value);
}

// Degrees from a spot to the same one at each element, as the server tells them with the races.
function pitches() {
  const told = document.querySelector("[data-pitches]")?.dataset.pitches ?? "";
  return told.split(" ").filter(Boolean).map(Number);
}

function ask() {
  const form = brush().closest("form");
  const listens = form.querySelector("fieldset[hx-post]") ?? form;
  brush().dispatchEvent(new Event("input", { bubbles: true }));
  htmx.trigger(listens, "unbo:again");
}

function set(ring, text) {
  box(ring).value = text;
  ask();
}

function add(ring, spots) {
  const at = spots.map(([angle, across]) => `${(Math.round(angle * 10) / 10) % 360}:${Math.round(across)}`).join(" ");
  order.push(ring);
  set(ring, [...strokes(box(ring).value), `${mark()}/${width()} ${at}`].join("|"));
}

function undo() {
  const ring = order.pop() ?? (box("outer").value ? "outer" : "inner");
  set(ring, strokes(box(ring).value).slice(0, -1).join("|"));
}

// Where on a race a pointer is: degrees and hundredths across.
function place(group, event) {
  const race = group.querySelector("polygon").getBoundingClientRect();
  const angle = ((event.clientX - race.left) / race.width) * 360;
  const across = ((event.clientY - race.top) / race.height) * 100;
  return [Math.max(0, Math.min(359.9, angle)), Math.max(0, Math.min(100, across))];
}

export function repeated([angle, across], offsets) {
  return offsets.map((offset) => [(angle + offset) % 360, across]);
}

function atPitch(spots) {
  const offsets = brush().querySelector("[data-brush-pitch]").checked ? pitches() : [];
  return offsets.length ? repeated(spots[0], offsets) : spots;
}

// What is being painted shows at once as a line; the server draws it as it looks.
function ghost(group) {
  const line = document.createElementNS(ns, "polyline");
  line.setAttribute("class", "d answer measured hollow");
  group.append(line);
  const race = group.querySelector("polygon").points;
  const [left, top, right, low] = [race.getItem(0).x, race.getItem(0).y, race.getItem(1).x, race.getItem(2).y];
  return (spots) =>
    line.setAttribute(
      "points",
      spots.map(([a, c]) => `${left + (a / 360) * (right - left)},${top + (c / 100) * (low - top)}`).join(" "),
    );
}

function race(event) {
  const group = event.target.closest?.("svg[data-drawing=race-map] [data-turn]");
  return group && brush() && !brush().closest("fieldset")?.disabled ? group : null;
}

document.addEventListener("pointerdown", (down) => {
  const group = race(down);
  if (!group || down.button > 0) return;
  down.preventDefault();
  group.focus?.({ preventScroll: true });
  const spots = [place(group, down)];
  const show = ghost(group);
  show([...spots, [spots[0][0] + 0.5, spots[0][1]]]);
  const move = (event) => {
    const [angle, across] = place(group, event);
    const [lastAngle, lastAcross] = spots[spots.length - 1];
    if (Math.abs(angle - lastAngle) < 3 && Math.abs(across - lastAcross) < 6) return;
    spots.push([angle, across]);
    show(spots);
  };
  const up = () => {
    for (const [name, heard] of [
      ["pointermove", move],
      ["pointerup", up],
      ["pointercancel", up],
    ])
      document.removeEventListener(name, heard);
    add(ringOf(group), spots.length === 1 ? atPitch(spots) : spots);
  };
  document.addEventListener("pointermove", move);
  document.addEventListener("pointerup", up);
  document.addEventListener("pointercancel", up);
});

function reachable() {
  document.querySelectorAll("svg[data-drawing=race-map] [data-turn]").forEach((group) => {
    group.setAttribute("tabindex", "0");
    group.setAttribute("role", "application");
    group.setAttribute("aria-label", `${ringOf(group)} race: arrow keys move, Space paints`);
  });
}

function cross(group) {
  group.querySelector("[data-cursor]")?.remove();
  const polygon = group.querySelector("polygon");
  const race = polygon.points;
  const x = race.getItem(0).x + (cursor.angle / 360) * (race.getItem(1).x - race.getItem(0).x);
  const y = race.getItem(0).y + (cursor.across / 100) * (race.getItem(2).y - race.getItem(0).y);
  const size = (race.getItem(2).y - race.getItem(0).y) / 8;
  const line = document.createElementNS(ns, "path");
  line.setAttribute("class", "d answer measured hollow");
  line.setAttribute("data-cursor", "");
  line.setAttribute("d", `M${x - size} ${y}h${2 * size}M${x} ${y - size}v${2 * size}`);
  group.append(line);
}

const moves = { ArrowLeft: [-5, 0], ArrowRight: [5, 0], ArrowUp: [0, -5], ArrowDown: [0, 5] };
document.addEventListener(
  "keydown",
  (event) => {
    const group = race(event);
    if (!group || event.ctrlKey || event.metaKey || event.altKey) return;
    const picked = brush().querySelector(`[data-mark-key="${CSS.escape(event.key.toLowerCase())}"]`);
    if (event.key in moves) {
      const [da, dc] = moves[event.key];
      const far = event.shiftKey ? 5 : 1;
      cursor = {
        angle: (cursor.angle + da * far + 360) % 360,
        across: Math.max(0, Math.min(100, cursor.across + dc * far)),
      };
      cross(group);
    } else if (event.key === " " || event.key === "Enter") {
      add(ringOf(group), atPitch([[cursor.angle, cursor.across]]));
    } else if (event.key === "Backspace") {
      undo();
    } else if (picked && event.key.length === 1) {
      picked.checked = true;
      usual(picked);
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  },
  true,
);

// Each mark has a usual width, as the palette tells; a typed one stays until another mark is picked.
function usual(picked) {
  brush().querySelector("[data-brush-width]").value = picked.dataset.width;
  shown();
}

function shown() {
  brush().querySelector("[data-brush-shown]").textContent = `${width()} %`;
}

// The brush itself is no input of the sheet: changing it asks the server nothing.
const own = "[data-brush-width], [data-brush-pitch], [data-under-shown], [name^=brush-]";
document.addEventListener(
  "input",
  (event) => {
    if (!event.target.matches?.(own)) return;
    event.stopPropagation();
    if (event.target.matches("[data-brush-width]")) shown();
  },
  true,
);
document.addEventListener(
  "change",
  (event) => {
    if (!event.target.matches?.(own)) return;
    event.stopPropagation();
    if (event.target.matches("input[name=brush-mark]")) usual(event.target);
    if (event.target.matches("[data-under-shown]")) under();
  },
  true,
);
document.addEventListener("click", (event) => {
  const button = event.target.closest?.("[data-race-undo], [data-race-copy], [data-race-wipe]");
  if (!button || button.disabled) return;
  event.preventDefault();
  const { raceCopy, raceWipe } = button.dataset;
  if (raceCopy) set(raceCopy === "inner" ? "outer" : "inner", box(raceCopy).value);
  else if (raceWipe) set(raceWipe, "");
  else undo();
});

// A photo of the ring, unrolled by the server, under what is painted.
function under() {
  document.querySelectorAll("svg[data-drawing=race-map] image").forEach((image) => image.remove());
  if (!document.querySelector("[data-under-shown]")?.checked) return;
  for (const { dataset } of document.querySelectorAll("[data-under]")) {
    const race = document.querySelector(`svg[data-drawing=race-map] [data-turn="ring-${dataset.under}"] polygon`);
    if (!race) continue;
    const [start, right, low] = [0, 1, 2].map((corner) => race.points.getItem(corner));
    const image = document.createElementNS(ns, "image");
    const at = { x: start.x, y: start.y, width: right.x - start.x, height: low.y - start.y };
    for (const [name, to] of Object.entries({ ...at, href: dataset.src, preserveAspectRatio: "none" }))
      image.setAttribute(name, to);
    race.after(image);
  }
}

document.addEventListener("htmx:beforeSwap", () => {
  focused = document.activeElement?.dataset?.turn ?? "";
});
document.addEventListener("htmx:afterSettle", () => {
  reachable();
  under();
  if (!focused) return;
  const group = document.querySelector(`svg[data-drawing=race-map] [data-turn="${focused}"]`);
  group?.focus({ preventScroll: true });
  if (group) cross(group);
});
reachable();
