import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const boxes = ["centre", "outboard", "inboard"]
  .flatMap((place) => [`${place}X`, `${place}Y`])
  .map((name) => `<input name="${name}">`)
  .join("");

test("three places are touched one after the other, and begun anew by a fourth", async () => {
  const { document } = page(`
    <div data-touch><img><svg data-touch-seen></svg></div><p data-touch-says></p><form>${boxes}</form>`);
  const img = document.querySelector("img");
  img.getBoundingClientRect = () => ({ left: 10, top: 20, width: 200, height: 100 });
  await script("touch.js");
  const touch = (x, y) => {
    const event = new Event("click", { bubbles: true });
    Object.assign(event, { clientX: x, clientY: y });
    document.querySelector("[data-touch]").dispatchEvent(event);
  };
  const value = (name) => document.querySelector(`[name=${name}]`).value;
  const says = () => document.querySelector("[data-touch-says]").textContent;
  assert.match(says(), /centre/);
  touch(110, 70);
  assert.deepEqual([value("centreX"), value("centreY")], ["50.0", "25.0"]);
  touch(150, 70);
  assert.match(says(), /other edge/);
  touch(140, 70);
  assert.equal(value("inboardX"), "65.0");
  assert.equal(document.querySelectorAll("circle").length, 3);
  touch(90, 70);
  assert.deepEqual([value("centreX"), value("outboardX"), value("inboardX")], ["40.0", "", ""]);
});
