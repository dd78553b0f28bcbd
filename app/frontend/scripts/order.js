// The order of a chain's links: a row is dragged by its handle, or moved with the arrow keys while the handle has the
// focus. Rows keep their names and change their contents, so that the first row sent is the first link.
let held = null;

const boxes = (row) => [...row.querySelectorAll("input, select")];

export function swap(row, other) {
  const theirs = boxes(other);
  boxes(row).forEach((box, n) => {
    const what = box.type === "checkbox" ? "checked" : "value";
    [box[what], theirs[n][what]] = [theirs[n][what], box[what]];
  });
}

/** Moves the contents of a row past each row up to the target, whose row then holds them. */
export function move(row, target) {
  const rows = [...row.parentElement.rows];
  const step = Math.sign(rows.indexOf(target) - rows.indexOf(row));
  for (let n = rows.indexOf(row); rows[n] !== target; n += step) swap(rows[n], rows[n + step]);
}

const told = (row) => row.querySelector("input").dispatchEvent(new Event("change", { bubbles: true }));

document.addEventListener("pointerdown", (event) => {
  const handle = event.target.closest?.("[data-drag]");
  if (!handle) return;
  held = handle.closest("tr");
  held.classList.add("held");
  handle.setPointerCapture(event.pointerId);
});
document.addEventListener("pointermove", (event) => {
  if (!held) return;
  const over = document.elementFromPoint(event.clientX, event.clientY)?.closest("tr");
  if (!over || over === held || over.parentElement !== held.parentElement) return;
  move(held, over);
  held.classList.remove("held");
  over.classList.add("held");
  held = over;
  held.dataset.moved = "yes";
});
function drop() {
  if (!held) return;
  held.classList.remove("held");
  if (held.dataset.moved) told(held);
  delete held.dataset.moved;
  held = null;
}
document.addEventListener("pointerup", drop);
document.addEventListener("pointercancel", drop);
document.addEventListener("keydown", (event) => {
  const handle = event.target.closest?.("[data-drag]");
  if (!handle || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
  const row = handle.closest("tr");
  const other = event.key === "ArrowUp" ? row.previousElementSibling : row.nextElementSibling;
  if (!other) return;
  event.preventDefault();
  swap(row, other);
  other.querySelector("[data-drag]").focus();
  told(other);
});
