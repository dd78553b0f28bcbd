import assert from "node:assert/strict";
import { test } from "node:test";
import { page, press, script } from "./page.js";

const list = `
  <dialog id="shortcuts"><a data-key="g b" id="board" href="#board">Board</a></dialog>
  <input id="search"><input id="box"><details class="why" id="why"><summary>Why</summary></details>
  <button data-take="box" data-value="4.10 mm" id="take">Take</button>`;

test("a letter after g follows what the list of shortcuts names, not while one types", async () => {
  const { document } = page(list);
  await script("keys.js");
  let followed = 0;
  document.getElementById("board").addEventListener("click", () => followed++);
  press(document.body, "g");
  press(document.body, "b");
  assert.equal(followed, 1);
  const box = document.getElementById("box");
  press(box, "g");
  press(box, "b");
  assert.equal(followed, 1);
});

test("a slash goes to the search, w opens why", async () => {
  const { document } = page(list);
  await script("keys.js");
  assert.equal(press(document.body, "/").defaultPrevented, true);
  assert.equal(document.activeElement.id, "search");
  document.activeElement.blur();
  press(document.body, "w");
  assert.equal(document.getElementById("why").open, true);
});

test("what is suggested is taken into its box and told", async () => {
  const { document } = page(list);
  await script("keys.js");
  const told = [];
  document.addEventListener("input", (event) => told.push(event.target.value));
  document.getElementById("take").click();
  assert.deepEqual(told, ["4.10 mm"]);
});
