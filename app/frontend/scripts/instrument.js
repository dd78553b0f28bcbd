// Reads an instrument into the boxes of the form beside it: a stream shows the value, a key captures it. No arithmetic
// here.
function wire(panel) {
  if (panel.dataset.wired) return;
  panel.dataset.wired = "yes";
  panel.hidden = false;
  const part = (name) => panel.querySelector(`[data-live-${name}]`);
  const into = part("into");
  const value = part("value");
  let stream = null;
  let latest = "";

  const box = () => document.querySelector(`form [name="${into.value}"]`);
  const chosen = () => into.selectedOptions[0].dataset;
  const entries = () =>
    box()
      .value.split(/[\s;]+/)
      .filter(Boolean);
  const marks = () => Math.max(1, parseInt(part("of").value, 10) || 24);
  const full = () => chosen().turn && entries().length >= marks();

  function say(sentence) {
    const refused = part("refused");
    refused.textContent = sentence;
    refused.hidden = !sentence;
  }

  function where() {
    part("marks").hidden = !chosen().turn;
    const at = chosen().turn
      ? `mark ${Math.min(entries().length, marks())} of ${marks()}`
      : into.selectedOptions[0].textContent;
    part("at").textContent = full() ? "the turn is full" : at;
    part("capture").disabled = !stream || full();
    part("back").disabled = !box() || !box().value;
    part("run").textContent = stream ? "Stop" : "Start";
  }

  function stop() {
    stream?.close();
    stream = null;
    latest = "";
    value.textContent = "–";
    where();
  }

  function start() {
    stream?.close();
    say("");
    latest = "";
    const query = new URLSearchParams({ into: into.value, mark: chosen().turn ? entries().length : 0, of: marks() });
    panel.querySelectorAll("[data-sim]").forEach((sim) => {
      if (sim.value) query.set(sim.dataset.sim, sim.value);
    });
    stream = new EventSource(`${part("source").value}?${query}`);
    const mine = stream;
    mine.addEventListener("reading", (event) => show(mine, event));
    mine.addEventListener("capture", (event) => {
      show(mine, event);
      capture();
    });
    mine.addEventListener("refused", (event) => {
      say(event.data);
      stop();
    });
    mine.onerror = () => {
      if (mine === stream && mine.readyState === EventSource.CLOSED) {
        say("The instrument stopped.");
        stop();
      }
    };
    where();
  }

  function show(from, event) {
    if (from !== stream) return;
    const reading = JSON.parse(event.data);
    latest = reading.typed;
    value.textContent = reading.shown;
  }

  function write(text) {
    const of = box();
    of.value = text;
    of.dispatchEvent(new Event("input", { bubbles: true }));
  }

  function capture() {
    if (!stream || !latest || full()) return;
    write(chosen().many ? [...entries(), latest].join(" ") : latest);
    const attached = !part("source").value.includes("/simulated/");
    if (chosen().next) into.value = chosen().next;
    if (full()) {
      stop();
      return;
    }
    if (attached) where();
    else start();
  }

  function back() {
    if (!box()) return;
    write(entries().slice(0, -1).join(" "));
    if (stream) start();
    else where();
  }

  part("run").addEventListener("click", () => (stream ? stop() : start()));
  part("capture").addEventListener("click", capture);
  part("back").addEventListener("click", back);
  [into, part("of"), part("source")].forEach((e) => e.addEventListener("change", () => (stream ? start() : where())));
  panel.addEventListener("toggle", where);
  document.addEventListener("keydown", (event) => {
    if (!stream || !panel.isConnected || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.target.matches?.("input, textarea, select, summary, a, button:not([data-live-capture], [data-live-run])"))
      return;
    if (event.key === "c" || event.key === " ") {
      event.preventDefault();
      capture();
    }
    if (event.key === "Backspace") {
      event.preventDefault();
      back();
    }
  });
  window.addEventListener("pagehide", () => stream?.close());
  where();
}

const wireAll = () => document.querySelectorAll("[data-live]").forEach(wire);
document.addEventListener("DOMContentLoaded", wireAll);
document.addEventListener("htmx:afterSettle", wireAll);
if (document.readyState !== "loading") wireAll();
