import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const sliders = `
  <input id="offset" value="12,5 mm"><input id="newOffset" value="" placeholder="0">
  <input type="range" min="-80" max="80" step="0.5" hidden data-slide="newOffset" data-from="offset">`;

test("a slider stands where its box begins, and writes into it", async () => {
  const { document } = page(sliders);
  await script("slide.js");
  const range = document.querySelector("[data-slide]");
  assert.equal(range.hidden, false);
  assert.equal(range.value, "12.5");
  range.value = "33";
  range.dispatchEvent(new Event("input", { bubbles: true }));
  assert.equal(document.getElementById("newOffset").value, "33");
});

test("numbers are read with comma and minus sign", async () => {
  page("");
  const { number } = await script("slide.js");
  assert.equal(number("−0,25 mm"), -0.25);
  assert.equal(Number.isNaN(number("")), true);
});
