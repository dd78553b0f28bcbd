import assert from "node:assert/strict";
import { test } from "node:test";
import { page, script } from "./page.js";

test("where a page may not listen, a sentence says what to do", async () => {
  const { document, window } = page(
    `<input type="file" id="recording"><div data-record="recording" hidden>
      <button type="button">Record here</button><meter hidden></meter><span data-told></span></div>`,
  );
  Object.defineProperty(window, "isSecureContext", { value: false });
  const { refused } = await script("record.js");
  const holder = document.querySelector("[data-record]");
  assert.equal(holder.hidden, false);
  holder.querySelector("button").click();
  assert.match(holder.querySelector("[data-told]").textContent, /over https/);
  assert.match(document.getElementById("recording").accept, /audio/);
  assert.equal(refused({ isSecureContext: true, navigator: { mediaDevices: { getUserMedia() {} } } }), "");
});
