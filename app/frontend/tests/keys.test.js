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

test("the first box that is asked waits for a keyboard, but not before a step or an instrument", async () => {
  const stage = (more) => `<form id="stage-form">${more}<div class="now"><input type="hidden"><input id="asked"></div>
    <button class="go">Keep</button></form><dialog id="shortcuts"></dialog>`;
  const hover = (matches) => (window.matchMedia = () => ({ matches }));
  page(stage(""));
  hover(true);
  await script("keys.js");
  assert.equal(document.activeElement.id, "asked");
  press(document.activeElement, "Escape");
  assert.equal(document.activeElement, document.body);
  for (const more of ['<button data-tick="x"></button>', "<p data-live></p>"]) {
    page(stage(more));
    hover(true);
    await script("keys.js");
    assert.equal(document.activeElement, document.body);
  }
  page(stage(""));
  hover(false);
  await script("keys.js");
  assert.equal(document.activeElement, document.body);
});

test("a digit chooses that line of a list; Enter twice among readings goes on to the next box", async () => {
  const { document } = page(`<dialog id="shortcuts"></dialog><form id="stage-form"><div class="now">
    <input id="pushed" data-readings><select id="cause"><option value="">choose</option><option value="a">water</option>
    <option value="b">setting</option></select><select id="marks"><option value="24">24 marks</option></select></div>
    </form>`);
  window.matchMedia = () => ({ matches: false });
  await script("keys.js");
  const cause = document.getElementById("cause");
  let heard = 0;
  document.addEventListener("change", () => heard++);
  assert.equal(press(cause, "2").defaultPrevented, true);
  assert.equal(cause.value, "b");
  press(cause, "7");
  press(cause, "1", { ctrlKey: true });
  assert.equal(cause.value, "b");
  assert.equal(heard, 1);
  assert.equal(press(document.getElementById("marks"), "1").defaultPrevented, false);
  const pushed = document.getElementById("pushed");
  pushed.value = "0.01";
  pushed.focus();
  press(pushed, "Enter");
  assert.equal(pushed.value, "0.01 ");
  assert.equal(document.activeElement, pushed);
  press(pushed, "Enter");
  assert.equal(document.activeElement, cause);
});

test("once all that is asked is said, what comes next is asked; not while the hand goes on in the card", async () => {
  const { document, asked } = page(`<dialog id="shortcuts"></dialog><form id="stage-form"><div id="card-boxes">
    <div class="now"><input id="one" value="6"><input id="two"></div><input id="other"></div>
    <span id="ask-next"></span></form><button class="go"></button>`);
  window.matchMedia = () => ({ matches: true });
  await script("keys.js");
  const [one, two, other] = ["one", "two", "other"].map((id) => document.getElementById(id));
  const told = () => asked.splice(0);
  two.focus();
  press(two, "Enter");
  assert.deepEqual(told(), [], "one box is empty");
  two.value = "90";
  press(one, "Enter");
  assert.equal(document.activeElement, two);
  press(two, "Enter");
  assert.deepEqual(told(), [["ask-next", "unbo:ask"]]);
  const left = async (box, to) => {
    to.focus();
    box.dispatchEvent(new Event("change", { bubbles: true }));
    await new Promise((done) => setTimeout(done, 5));
  };
  await left(two, other);
  assert.deepEqual(told(), []);
  await left(two, document.querySelector(".go"));
  assert.deepEqual(told(), [["ask-next", "unbo:ask"]]);
  document.getElementById("ask-next").className = "htmx-request";
  press(two, "Enter");
  assert.deepEqual(told(), [], "it is being asked");
});
