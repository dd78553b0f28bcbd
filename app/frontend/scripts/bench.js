// The index of the bench: sifted as one types, the tools used last on this machine on top.
const KEPT = "unbo-bench";
const MOST = 4;

/** True where every typed word begins one of the words. */
export function fits(typed, words) {
  const held = words.toLowerCase().split(/[^\p{L}\p{N}]+/u);
  return typed
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .every((word) => held.some((one) => one.startsWith(word)));
}

function used() {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? "[]");
  } catch {
    return [];
  }
}

function keep(tool) {
  try {
    localStorage.setItem(KEPT, JSON.stringify([tool, ...used().filter((one) => one !== tool)].slice(0, MOST)));
  } catch {
    // A browser that keeps nothing still opens the tool.
  }
}

const bench = document.querySelector("[data-bench]");
if (bench) {
  const tools = [...bench.querySelectorAll("[data-tool]")];
  const last = bench.querySelector("[data-last]");
  for (const name of used()) {
    const tool = tools.find((one) => one.dataset.tool === name);
    if (tool) {
      const again = tool.cloneNode(true);
      for (const named of again.querySelectorAll("[id]")) named.id = `${named.id}-last`;
      for (const filled of again.querySelectorAll("[fill^='url(#']"))
        filled.setAttribute("fill", filled.getAttribute("fill").replace(")", "-last)"));
      last.querySelector("ul").append(again);
      last.hidden = false;
    }
  }
  const sift = bench.querySelector("[data-sift]");
  const box = sift.querySelector("input");
  sift.hidden = false;
  box.addEventListener("input", () => {
    let shown = 0;
    for (const tool of tools) {
      tool.hidden = !fits(box.value, tool.dataset.words);
      if (!tool.hidden) shown++;
    }
    last.hidden = box.value.trim() !== "" || !last.querySelector("li");
    for (const group of bench.querySelectorAll(".group:not([data-last])"))
      group.hidden = !group.querySelector("[data-tool]:not([hidden])");
    sift.querySelector("[data-sifted]").textContent =
      box.value.trim() === "" ? "" : shown === 0 ? "None: ask the box above" : `${shown} of ${tools.length}`;
  });
  box.addEventListener("keydown", (event) => {
    if (event.key === "Enter") {
      event.preventDefault();
      tools
        .find((one) => !one.hidden)
        ?.querySelector("a")
        .click();
    }
  });
  bench.addEventListener("click", (event) => {
    const tool = event.target.closest?.("[data-tool]");
    if (tool) keep(tool.dataset.tool);
  });
}
