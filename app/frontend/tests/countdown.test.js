import assert from "node:assert/strict";
import { mock, test } from "node:test";
import { page, press, script } from "./page.js";

const clock = `<div data-countdown="34"><span data-count-left>34</span><button data-count-go id="go">go</button></div>
  <input id="box">`;

test("seconds run down by button or key, and stand again where they began", async () => {
  const { document } = page(clock);
  await script("countdown.js");
  mock.timers.enable({ apis: ["setInterval"] });
  let now = 1000;
  const passed = mock.method(performance, "now", () => now);
  const left = document.querySelector("[data-count-left]");
  document.getElementById("go").click();
  now += 10_000;
  mock.timers.tick(100);
  assert.equal(left.textContent, "24");
  now += 30_000;
  mock.timers.tick(100);
  assert.equal(left.textContent, "0");
  assert.equal(document.querySelector("[data-countdown]").classList.contains("over"), true);
  press(document.body, "k");
  press(document.body, "k");
  assert.equal(left.textContent, "34");
  press(document.getElementById("box"), "k");
  assert.equal(left.textContent, "34");
  passed.mock.restore();
  mock.timers.reset();
});

test("the step in which they run out begins them, and does not begin them again", async () => {
  const { document } = page(clock);
  mock.timers.enable({ apis: ["setInterval"] });
  let now = 0;
  const passed = mock.method(performance, "now", () => now);
  await script("countdown.js");
  const left = document.querySelector("[data-count-left]");
  for (const seconds of [10, 20]) {
    document.dispatchEvent(new CustomEvent("unbo:begin"));
    now = seconds * 1000;
    mock.timers.tick(100);
    assert.equal(left.textContent, String(34 - seconds));
  }
  passed.mock.restore();
  mock.timers.reset();
});
