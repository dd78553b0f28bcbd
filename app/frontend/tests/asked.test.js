import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const form = `
  <form id="f"><fieldset hx-post="/preview" id="boxes">
    <input id="load" name="load" value="1"><input type="hidden" name="seq" value="1">
    <input type="range" min="0" max="9" data-slide="load" id="slide"></fieldset></form>`;

/** Asks as the page's script does; true where the request goes out. */
function asks(window, elt, by) {
  const detail = { elt, triggeringEvent: { type: by } };
  return elt.dispatchEvent(new window.CustomEvent("htmx:confirm", { bubbles: true, cancelable: true, detail }));
}

test("the same is asked once, however the box is left; what was changed is asked again", async () => {
  const { window, document } = page(form);
  globalThis.FormData = window.FormData;
  await script("asked.js");
  const boxes = document.getElementById("boxes");
  assert.equal(asks(window, boxes, "input"), true);
  document.querySelector("[name=seq]").value = "2";
  assert.equal(asks(window, boxes, "change"), false);
  assert.equal(asks(window, boxes, "unbo:again"), true);
  document.getElementById("load").value = "2";
  assert.equal(asks(window, boxes, "change"), true);
  assert.equal(asks(window, boxes, "input"), false);
});

test("what was not answered may be asked again", async () => {
  const { window, document } = page(form);
  globalThis.FormData = window.FormData;
  await script("asked.js");
  const boxes = document.getElementById("boxes");
  assert.equal(asks(window, boxes, "input"), true);
  assert.equal(asks(window, boxes, "change"), false);
  boxes.dispatchEvent(new window.CustomEvent("htmx:sendError", { bubbles: true, detail: { elt: boxes } }));
  assert.equal(asks(window, boxes, "change"), true);
});

test("a slider that moves asks meanwhile, but not before an answer is there", async () => {
  const { window, document } = page(form);
  globalThis.FormData = window.FormData;
  await script("asked.js");
  let asked = 0;
  document.getElementById("load").addEventListener("change", () => asked++);
  const slide = document.getElementById("slide");
  const boxes = document.getElementById("boxes");
  boxes.classList.add("htmx-request");
  slide.dispatchEvent(new window.Event("input", { bubbles: true }));
  await Promise.resolve();
  assert.equal(asked, 0);
  boxes.classList.remove("htmx-request");
  slide.dispatchEvent(new window.Event("input", { bubbles: true }));
  slide.dispatchEvent(new window.Event("input", { bubbles: true }));
  await Promise.resolve();
  assert.equal(asked, 1);
});
