import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const board = `
  <form id="board" data-notes>
    <input type="hidden" data-checks value="tread=even">
    <input type="hidden" data-circumstances value="">
  </form>
  <button form="board" id="hum" data-note="noise-character=hum">hum</button>
  <button form="board" id="cupped" data-note="tread=cupped">cupped</button>
  <button form="board" id="undo" data-undo="tread">take back</button>
  <button form="board" id="wet" data-toggle="wet">wet</button>`;

test("results that are touched quickly add up, a second one of a check replaces the first", async () => {
  const { document, asked } = page(board);
  await script("diagnose.js");
  const checks = document.querySelector("[data-checks]");
  document.getElementById("hum").click();
  document.getElementById("cupped").click();
  assert.equal(checks.value, "noise-character=hum tread=cupped");
  document.getElementById("undo").click();
  assert.equal(checks.value, "noise-character=hum");
  assert.deepEqual(asked, Array(3).fill(["board", "unbo:again"]));
});

test("a circumstance is put on and off", async () => {
  const { document } = page(board);
  await script("diagnose.js");
  const box = document.querySelector("[data-circumstances]");
  document.getElementById("wet").click();
  assert.equal(box.value, "wet");
  document.getElementById("wet").click();
  assert.equal(box.value, "");
});

test("notes of one check at two positions stand side by side", async () => {
  page(board);
  const { noted } = await script("diagnose.js");
  assert.equal(noted("spin@left=rough", "spin@right=smooth"), "spin@left=rough spin@right=smooth");
  assert.equal(noted("spin@left=rough", "spin@left=smooth"), "spin@left=smooth");
});
