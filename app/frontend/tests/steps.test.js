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

test("a look is answered by a touch, by Space, by a digit and Enter, not by a reading; one left asks why", async () => {
  const { document, window } = page(`<form id="stage-form"><fieldset id="step-now"><p class="nowstep">Play by hand</p>
    <button type="button" data-answer="proof-no-play" data-value="right">none to be felt</button>
    <button type="button" data-answer="proof-no-play" data-value="wrong">play is felt</button>
    <button type="button" data-answer="proof-no-play" data-value="not-done">not done, because …</button>
    <button type="button" data-answer="proof-bolts" data-value="" data-back>Back</button></fieldset>
    <details><select name="proof-no-play"><option></option><option>right</option><option>wrong</option>
    <option>not-done</option></select><input name="why-no-play" id="why">
    <select name="proof-bolts"><option></option><option selected>right</option></select></details></form>`);
  await script("steps.js");
  const box = document.querySelector("[name=proof-no-play]");
  let heard = 0;
  box.addEventListener("change", () => heard++);
  document.querySelector("[data-value=wrong]").click();
  assert.equal(box.value, "wrong");
  press(document.body, " ");
  assert.equal(box.value, "right");
  const wedge = (value) => [...value, "Enter"].forEach((key) => press(document.body, key));
  wedge("2");
  assert.equal(box.value, "wrong");
  wedge("9");
  wedge("0.02");
  wedge("1.5");
  assert.equal(box.value, "wrong");
  assert.equal(heard, 3);
  wedge("3");
  assert.equal(box.value, "not-done");
  assert.equal(document.querySelector("details").open, true);
  assert.equal(document.activeElement.id, "why");
  document.activeElement.blur();
  press(document.body, "Backspace");
  assert.equal(document.querySelector("[name=proof-bolts]").value, "");
  document.querySelector("[data-value=wrong]").focus();
  press(document.activeElement, "Enter");
  assert.equal(box.value, "wrong");
  document.dispatchEvent(new window.Event("htmx:afterSettle"));
  assert.equal(document.activeElement.dataset.value, "right");
});
