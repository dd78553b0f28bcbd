import assert from "node:assert/strict";
import { test } from "node:test";
import { page, press, script } from "./page.js";

const drawing = `<svg data-drawing="section">
  <g data-part="inner-cup"><polygon id="cup"/></g><g data-part=""><path id="knuckle"/></g></svg>`;

function touch(document, id) {
  document.getElementById(id).dispatchEvent(new window.Event("click", { bubbles: true }));
}

test("a part that is touched shows its step", async () => {
  const { document } = page(`${drawing}<button data-for="inner-cup" id="step">9</button>`);
  await script("section.js");
  let shown = 0;
  document.getElementById("step").addEventListener("click", () => shown++);
  touch(document, "cup");
  assert.equal(shown, 1);
  touch(document, "knuckle");
  assert.equal(shown, 1);
});

test("arrow keys go along the axis from part to part, round its ends", async () => {
  const part = (name) => `<a class="part-of" href="?at=${name}" id="${name}"></a>`;
  const { document } = page(`<svg>${part("nut")}${part("hub")}${part("cone")}</svg>`);
  const lefts = { hub: 10, cone: 40, nut: 80 };
  for (const [name, left] of Object.entries(lefts))
    document.getElementById(name).getBoundingClientRect = () => ({ left, top: 0, width: 4, height: 4 });
  await script("section.js");
  document.getElementById("hub").focus();
  const pressed = (key) => {
    press(document.activeElement, key);
    return document.activeElement.id;
  };
  assert.equal(pressed("ArrowRight"), "cone");
  assert.equal(pressed("ArrowDown"), "nut");
  assert.equal(pressed("ArrowRight"), "hub");
  assert.equal(pressed("ArrowLeft"), "nut");
  assert.equal(press(document.activeElement, "x").defaultPrevented, false);
});
