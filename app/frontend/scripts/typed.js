// What is typed at a stage is never lost. The server holds a draft of it; until that has arrived, this browser holds
// it, and sends it again by itself when the line or the server is back. The form of a merge says so and keeps what was
// chosen.
const again = 3000;
let typed = 0;
let trouble = 0;
let timer = 0;
let sent = 0;
/** Count of what had been typed when it was asked last what comes next. */
let asked = -1;

const form = () => document.getElementById("stage-form");
const fields = () => document.getElementById("stage-fields");
const asker = () => document.getElementById("ask-next");
const previews = (elt) => elt === fields() || elt === asker();
const place = () => `unbo-typed:${new URL(form().action).pathname}`;

function texts() {
  const entries = new URLSearchParams(new FormData(form()));
  entries.delete("_csrf");
  entries.delete("seq");
  return entries.toString();
}

/** Counts up with every sending, so that the server knows what was typed first however late it is heard. */
function next() {
  sent = Math.max(sent + 1, Date.now());
  const box = form()?.querySelector("[data-seq]");
  if (box) box.value = sent;
  return sent;
}

function say(words, good = false) {
  const line = document.getElementById("line");
  line.textContent = words;
  line.hidden = !words;
  line.classList.toggle("good", good);
}

function hold() {
  typed += 1;
  localStorage.setItem(place(), JSON.stringify({ at: Date.now(), texts: texts() }));
}

function letGo() {
  localStorage.removeItem(place());
}

/** Puts back into the boxes what never reached the server. */
function takeUp() {
  if (!form()) return;
  const held = JSON.parse(localStorage.getItem(place()) ?? "null");
  if (!held) return;
  if (fields().disabled || held.texts === texts()) {
    letGo();
    return;
  }
  const entries = new URLSearchParams(held.texts);
  for (const box of form().elements) {
    if (!box.name || box.name === "_csrf" || box.type === "submit" || box.type === "button") continue;
    if (box.type === "checkbox" || box.type === "radio") box.checked = entries.getAll(box.name).includes(box.value);
    else if (entries.has(box.name)) box.value = entries.get(box.name);
  }
  const at = new Date(held.at);
  const time = `${at.getHours()}:${String(at.getMinutes()).padStart(2, "0")}`;
  say(`What you typed here at ${time} had not reached Unbo: it stands in the boxes again.`, true);
  htmx.trigger(fields(), "unbo:again");
}

function sendAgain(elt, submitter) {
  clearTimeout(timer);
  timer = setTimeout(() => {
    if (!elt.isConnected) return;
    if (elt === form() && submitter?.isConnected) submitter.click();
    else if (elt === form()) form().requestSubmit();
    else htmx.trigger(fields(), "unbo:again");
  }, again);
}

function sentence(xhr) {
  const page = new DOMParser().parseFromString(xhr?.responseText ?? "", "text/html");
  return page.querySelector(".notice.bad")?.textContent.trim();
}

function failed(event) {
  const { elt, xhr, requestConfig } = event.detail;
  const ours = form() && (elt === form() || previews(elt));
  const words = sentence(xhr) || "There is no connection to Unbo.";
  trouble += 1;
  if (ours) {
    say(`${words} What you typed stays here and is sent again by itself.`);
    sendAgain(elt, requestConfig?.triggeringEvent?.submitter);
  } else {
    say(`${words} What you typed stays here: send it again when Unbo answers.`);
  }
}

document.addEventListener("input", (event) => {
  if (form()?.contains(event.target)) hold();
});
document.addEventListener("unbo:noted", (event) => {
  if (form()?.contains(event.target)) hold();
});
document.addEventListener("htmx:configRequest", (event) => {
  const { elt, parameters } = event.detail;
  if (!form() || (elt !== form() && !previews(elt))) return;
  parameters.seq = next();
  if (elt === form()) htmx.trigger(fields(), "htmx:abort"); // what is kept now needs no answer to what was typed before
});
document.addEventListener("submit", (event) => {
  if (event.target === form()) next();
});

/** Where the page that asked is no longer here, its answer belongs nowhere. */
function unlessGone(event) {
  if (!event.currentTarget.isConnected) event.preventDefault();
}

document.addEventListener("htmx:beforeRequest", (event) => {
  const { elt, boosted, requestConfig } = event.detail;
  const busy = previews(elt) && form().matches(".htmx-request"); // the stage is being kept as it is
  const asking = elt === fields() && asker()?.matches(".htmx-request") && asked === typed; // and tells the same
  if (busy || asking) {
    event.preventDefault();
    return;
  }
  if (elt === asker()) asked = typed;
  requestConfig.typed = typed;
  // heard at the element itself: what has left the page is out of the document's hearing
  if (!boosted) elt.addEventListener("htmx:beforeOnLoad", unlessGone);
});
document.addEventListener("htmx:sendError", failed);
document.addEventListener("htmx:timeout", failed);
document.addEventListener("htmx:responseError", (event) => {
  if (event.detail.xhr.status >= 500) failed(event);
});
document.addEventListener("htmx:beforeSwap", (event) => {
  const { xhr, boosted } = event.detail;
  if (boosted && xhr.status >= 400 && xhr.status < 500) {
    event.detail.shouldSwap = true;
    event.detail.isError = false;
  }
});
document.addEventListener("htmx:beforeOnLoad", (event) => {
  if (event.detail.xhr.status >= 400) return;
  if (new URL(event.detail.xhr.responseURL).pathname === "/login") {
    // what is held here waits until the passphrase was given
    event.preventDefault();
    location.assign("/login");
    return;
  }
  if (trouble) {
    trouble = 0;
    clearTimeout(timer);
    say("Unbo answers again: what you typed has arrived.", true);
  }
  const { elt, requestConfig } = event.detail;
  if (form() && (elt === form() || previews(elt)) && requestConfig.typed === typed) letGo();
});
document.addEventListener("htmx:afterSettle", (event) => {
  if (event.detail.boosted || event.target === document.body) takeUp();
});
addEventListener("pagehide", () => {
  if (form() && !fields().disabled && localStorage.getItem(place())) {
    next();
    navigator.sendBeacon(fields().getAttribute("hx-post"), new URLSearchParams(new FormData(form())));
  }
});
document.addEventListener("DOMContentLoaded", takeUp);
