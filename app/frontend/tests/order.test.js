import assert from "node:assert/strict";
import { test } from "node:test";
import { page, press, script } from "./page.js";

const row = (n, name, gasket) =>
  `<tr><td><button data-drag id="h${n}">move</button></td>
   <td><input name="name-o${n}" value="${name}"><input type="checkbox" name="unknown-o${n}" ${gasket}></td></tr>`;
const table = `<table><tbody>${row(0, "case", "")}${row(1, "gasket", "checked")}${row(2, "cover", "")}</tbody></table>`;
const names = (document) => [...document.querySelectorAll("input:not([type])")].map((box) => box.value);

test("a row moved past two others keeps the order of those", async () => {
  const { document } = page(table);
  const { move } = await script("order.js");
  const rows = [...document.querySelectorAll("tr")];
  move(rows[0], rows[2]);
  assert.deepEqual(names(document), ["gasket", "cover", "case"]);
  move(rows[2], rows[0]);
  assert.deepEqual(names(document), ["case", "gasket", "cover"]);
});

test("the arrow keys move a row with its ticks, the keyboard stays with it, the ends hold", async () => {
  const { document } = page(table);
  await script("order.js");
  const told = [];
  document.addEventListener("change", (event) => told.push(event.target.name));
  const second = document.getElementById("h1");
  second.focus();
  press(second, "ArrowUp");
  assert.deepEqual(names(document), ["gasket", "case", "cover"]);
  assert.equal(document.querySelector("[name=unknown-o0]").checked, true);
  assert.equal(document.querySelector("[name=unknown-o1]").checked, false);
  assert.equal(document.activeElement.id, "h0");
  press(document.getElementById("h0"), "ArrowUp");
  assert.deepEqual(names(document), ["gasket", "case", "cover"]);
  assert.deepEqual(told, ["name-o0"]);
});
