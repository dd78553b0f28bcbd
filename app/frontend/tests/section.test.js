import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

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
