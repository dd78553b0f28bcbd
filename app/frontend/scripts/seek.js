// The box in the head: arrow keys go through what stands under it, Enter opens the first, Escape closes it.
const box = document.getElementById("search");
const found = document.getElementById("found");

function readings() {
  return [...found.querySelectorAll("a")];
}

function close() {
  found.replaceChildren();
}

/** The link under the box that stands for exactly what is typed; none while its answer is still on its way. */
export function first(typed, list) {
  return list && list.dataset.of === typed ? list.querySelector("a.reading") : null;
}

if (box && found) {
  box.form.addEventListener("keydown", (event) => {
    const links = readings();
    const at = links.indexOf(document.activeElement);
    if (event.key === "Escape") {
      close();
      box.focus();
    } else if (event.key === "ArrowDown" && links.length) {
      event.preventDefault();
      links[Math.min(at + 1, links.length - 1)].focus();
    } else if (event.key === "ArrowUp" && at >= 0) {
      event.preventDefault();
      (at === 0 ? box : links[at - 1]).focus();
    }
  });

  box.form.addEventListener("submit", (event) => {
    const link = first(box.value, found.querySelector(".readings"));
    if (link) {
      event.preventDefault();
      link.click();
    }
  });

  document.addEventListener("click", (event) => {
    if (!box.form.contains(event.target)) close();
  });
}
