// A slider beside a number box: it writes into the box; the box is what is sent.
export const number = (text) => parseFloat(String(text).trim().replace(",", ".").replace("−", "-"));

function value(range) {
  const box = document.getElementById(range.dataset.slide);
  const from = range.dataset.from && document.getElementById(range.dataset.from);
  const told = [box.value, from && from.value, from && from.placeholder, box.placeholder];
  return told.map(number).find((v) => !Number.isNaN(v));
}

function follow(root) {
  root.querySelectorAll("input[data-slide]").forEach((range) => {
    const at = value(range);
    range.hidden = false;
    if (at !== undefined && document.activeElement !== range) range.value = at;
  });
}

document.addEventListener("input", (event) => {
  const range = event.target.closest && event.target.closest("input[data-slide]");
  if (range) {
    const box = document.getElementById(range.dataset.slide);
    box.value = range.value;
    box.dispatchEvent(new Event("input", { bubbles: true }));
  } else if (event.target.id) follow(document);
});
document.addEventListener("htmx:afterSettle", () => follow(document));
follow(document);
