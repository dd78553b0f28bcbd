import assert from "node:assert/strict";
import { test } from "node:test";
import { page, press, script } from "./page.js";

const player = `<fieldset id="step-now"><p class="nowstep">Draw the hub</p>
  <button data-tick="hub-by-hand" id="done">Done</button>
  <button data-untick="cap-lever" id="back">Back</button></fieldset>
  <input type="checkbox" id="tick-hub-by-hand" value="yes">
  <input type="checkbox" id="tick-cap-lever" value="yes" checked>
  <input id="box">`;

test("a step is done by a touch, by Space and by Enter, keeps its minute, and can be taken back", async () => {
  const { document, window } = page(player);
  await script("steps.js");
  const hub = document.getElementById("tick-hub-by-hand");
  const cap = document.getElementById("tick-cap-lever");
  let heard = 0;
  hub.addEventListener("change", () => heard++);
  document.getElementById("done").click();
  assert.equal(hub.checked, true);
  assert.match(hub.value, /^\d{4}-\d\d-\d\dT\d\d:\d\d$/);
  assert.equal(heard, 1);
  document.dispatchEvent(new window.Event("htmx:afterSettle"));
  assert.equal(document.activeElement.id, "done");
  hub.checked = false;
  press(document.body, " ");
  assert.equal(hub.checked, true);
  press(document.getElementById("box"), "Backspace");
  assert.equal(cap.checked, true);
  press(document.body, "Backspace");
  assert.equal(cap.checked, false);
  assert.equal(cap.value, "yes");
});
