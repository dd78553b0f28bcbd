import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const day = `<div data-day="0.5"><svg viewBox="0 0 1000 100"><g class="part-of" data-part="#7 Fit"><rect/></g>
  <g class="part-of" data-part="#8 Fit"><rect/></g></svg></div>
  <form data-pin="#7 Fit" data-begins="10:02"><input name="at"></form>
  <form data-pin="#8 Fit" data-begins="Mon 10:00"><input name="at"></form>`;

const point = (window, what, x, type) => {
  const event = new window.MouseEvent(what, { bubbles: true, clientX: x });
  Object.defineProperty(event, "pointerType", { value: type });
  return event;
};

test("a bar that is pushed along is pinned where it is let go", async () => {
  const { document, window } = page(day);
  const { later } = await script("day.js");
  assert.equal(later("10:02", 61), "11:05");
  assert.equal(later("00:10", -60), "00:00");
  const svg = document.querySelector("svg");
  svg.getBoundingClientRect = () => ({ width: 500 });
  Object.defineProperty(svg, "viewBox", { value: { baseVal: { width: 1000 } } });
  const sent = [];
  document.querySelectorAll("form").forEach((form) => (form.requestSubmit = () => sent.push(form.dataset.pin)));
  const bar = document.querySelector("[data-part='#7 Fit'] rect");
  bar.dispatchEvent(point(window, "pointerdown", 100, "mouse"));
  document.dispatchEvent(point(window, "pointermove", 160, "mouse"));
  assert.equal(bar.parentElement.getAttribute("transform"), "translate(120 0)");
  document.dispatchEvent(point(window, "pointerup", 160, "mouse"));
  // 60 pixels are 120 units, 60 minutes
  assert.equal(document.querySelector("[data-pin='#7 Fit'] input").value, "11:00");
  assert.deepEqual(sent, ["#7 Fit"]);
  // a finger scrolls; what is on another day is not pushed
  bar.dispatchEvent(point(window, "pointerdown", 100, "touch"));
  document.dispatchEvent(point(window, "pointerup", 200, "touch"));
  document.querySelector("[data-part='#8 Fit'] rect").dispatchEvent(point(window, "pointerdown", 100, "mouse"));
  document.dispatchEvent(point(window, "pointerup", 200, "mouse"));
  assert.deepEqual(sent, ["#7 Fit"]);
});
