import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const columns = (count) =>
  Array.from({ length: count }, (_, i) => `<input aria-label="c${i}">`).join("") +
  `<select aria-label="ended"><option value=""></option><option value="failed">failed</option></select>`;
const box = (text, count) =>
  `<form><textarea id="runs">${text}</textarea><template data-rows="runs">${columns(count)}</template></form>`;

test("lines stand as rows with an empty one, and what is written stands in the box", async () => {
  const { document } = page(box("12; failed\n18 failed", 1));
  await script("rows.js");
  const cells = [...document.querySelectorAll("[data-cell]")];
  assert.deepEqual(
    cells.map((cell) => cell.value),
    ["12", "failed", "18", "failed", "", ""],
  );
  cells[2].value = "19";
  cells[2].dispatchEvent(new Event("input", { bubbles: true }));
  assert.equal(document.getElementById("runs").value, "12; failed\n19; failed");
});

test("writing into the last row makes another", async () => {
  const { document } = page(box("12; failed", 1));
  await script("rows.js");
  const last = document.querySelector('[data-record="1"][data-cell="0"]');
  last.focus();
  last.value = "3";
  last.dispatchEvent(new Event("input", { bubbles: true }));
  assert.equal(document.querySelectorAll('[data-cell="0"]').length, 3);
  assert.equal(document.activeElement.dataset.record, "1");
});

test("records of many cells stand upright", async () => {
  const { document } = page(box("leave it;\nrenew; 40", 9));
  await script("rows.js");
  assert.equal(document.querySelectorAll("tr").length, 10);
  assert.equal(document.querySelector("tr").querySelectorAll("[data-cell]").length, 3);
  assert.equal(document.querySelector("th").textContent, "c0");
});

test("a line of one cell keeps its blanks, and a semicolon in a cell parts nothing", async () => {
  page("");
  const { cells, line } = await script("rows.js");
  assert.deepEqual(cells(line(["leave it", "", ""])), ["leave it", ""]);
  assert.equal(line(["a;b", "", "2"]), "a,b; ; 2");
  assert.equal(line(["", " "]), "");
});
