import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const brush = `
  <form id="sheet"><fieldset hx-post="/preview" id="stage-fields"><div data-brush>
    <input type="radio" name="brush-mark" value="track" data-mark-key="t" data-width="30" checked>
    <input type="radio" name="brush-mark" value="dent" data-mark-key="d" data-width="10" id="dent">
    <input type="range" min="2" max="100" value="30" data-brush-width><output data-brush-shown></output>
    <input type="checkbox" data-brush-pitch>
    <button type="button" data-race-undo id="undo">undo</button>
    <button data-race-copy="outer" id="copy">copy</button><button data-race-wipe="inner" id="wipe">wipe</button>
    <input type="hidden" name="inner" data-race="inner" value="">
    <input type="hidden" name="outer" data-race="outer" value="track/30 0:50|dent/10 90:40">
  </div></fieldset></form>`;

test("a mark that is picked brings the width that the palette tells", async () => {
  const { document } = page(brush);
  await script("race.js");
  const dent = document.getElementById("dent");
  dent.checked = true;
  dent.dispatchEvent(new Event("change", { bubbles: true }));
  assert.equal(document.querySelector("[data-brush-width]").value, "10");
  assert.equal(document.querySelector("[data-brush-shown]").textContent, "10 %");
});

test("a painting is copied, taken back by strokes, and wiped; the server is asked each time", async () => {
  const { document, asked } = page(brush);
  await script("race.js");
  const [inner, outer] = ["inner", "outer"].map((ring) => document.querySelector(`[data-race=${ring}]`));
  document.getElementById("copy").click();
  assert.equal(inner.value, outer.value);
  document.getElementById("undo").click();
  assert.equal(outer.value, "track/30 0:50");
  document.getElementById("wipe").click();
  assert.equal(inner.value, "");
  assert.deepEqual(asked, Array(3).fill(["stage-fields", "unbo:again"]));
});

test("a spot is repeated at the places that the server tells", async () => {
  page(brush);
  const { repeated } = await script("race.js");
  assert.deepEqual(repeated([350, 40], [0, 40, 80]), [
    [350, 40],
    [30, 40],
    [70, 40],
  ]);
});
