import assert from "node:assert/strict";
import { test } from "node:test";
import { page, press, script } from "./page.js";

const box = `<form id="f"><input id="search"><div id="found"><ol class="readings" data-of="4 thou">
  <li><a class="reading" href="#one">one</a></li></ol><a href="#two">two</a></div></form><p id="out">out</p>`;

test("arrow keys go through the readings and back, Escape and a touch outside close them", async () => {
  const { document } = page(box);
  await script("seek.js");
  const typed = document.getElementById("search");
  typed.focus();
  press(typed, "ArrowDown");
  assert.equal(document.activeElement.textContent, "one");
  press(document.activeElement, "ArrowDown");
  assert.equal(document.activeElement.textContent, "two");
  press(document.activeElement, "ArrowUp");
  press(document.activeElement, "ArrowUp");
  assert.equal(document.activeElement, typed);
  press(typed, "Escape");
  assert.equal(document.querySelector("#found a"), null);
});

test("Enter opens the first only where it stands for what is typed", async () => {
  const { document } = page(box);
  const { first } = await script("seek.js");
  const list = document.querySelector(".readings");
  assert.equal(first("4 thou", list).textContent, "one");
  assert.equal(first("4 thousand", list), null);
  assert.equal(first("4 thou", null), null);
});
