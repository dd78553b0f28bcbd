import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

const index = `<section data-bench><p data-sift hidden><input id="sift"><span data-sifted></span></p>
  <div class="group" data-last hidden><ul></ul></div>
  <div class="group"><ul>
    <li data-tool="nut" data-words="Castellated nut cotter pin"><a href="#nut">nut</a></li></ul></div>
  <div class="group"><ul>
    <li data-tool="fit" data-words="Fit interference"><a href="#fit">fit</a></li></ul></div></section>`;

test("the index is sifted by every typed word, in any order, from its beginning", async () => {
  const { document } = page(index);
  const { fits } = await script("bench.js");
  assert.equal(fits("pin cott", "Castellated nut cotter pin"), true);
  assert.equal(fits("otter", "Castellated nut cotter pin"), false);
  const box = document.getElementById("sift");
  box.value = "interf";
  box.dispatchEvent(new Event("input"));
  assert.equal(document.querySelector("[data-tool=nut]").hidden, true);
  assert.equal(document.querySelectorAll(".group")[1].hidden, true);
  assert.equal(document.querySelector("[data-sifted]").textContent, "1 of 2");
  box.value = "zzz";
  box.dispatchEvent(new Event("input"));
  assert.match(document.querySelector("[data-sifted]").textContent, /None/);
});

test("what was used last stands on top the next time", async () => {
  const { document } = page(index);
  localStorage.setItem("unbo-bench", JSON.stringify(["fit"]));
  await script("bench.js");
  assert.equal(document.querySelector("[data-last]").hidden, false);
  assert.equal(document.querySelector("[data-last] li").dataset.tool, "fit");
  document.querySelector("[data-tool=nut] a").click();
  assert.deepEqual(JSON.parse(localStorage.getItem("unbo-bench")), ["nut", "fit"]);
});
