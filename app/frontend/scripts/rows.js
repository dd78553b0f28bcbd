// Lines of a box as a table one writes in; the box is what is sent. A few records of many cells stand upright, one
// beside the other.
const UPRIGHT = 7;
const FEW = 6;

export function cells(line) {
  const parts = line.includes(";") ? line.split(";") : line.trim().split(/\s+/);
  return parts.map((part) => part.trim());
}

export function line(values) {
  const kept = values.map((value) => value.replaceAll(";", ",").trim());
  while (kept.length && !kept[kept.length - 1]) kept.pop();
  if (kept.length === 0) return "";
  return kept.length === 1 ? `${kept[0]};` : kept.join("; ");
}

const records = (box) => box.value.split("\n").filter((text) => text.trim());

function control(model, value, record, at) {
  const made = model.cloneNode(true);
  made.dataset.record = record;
  made.dataset.cell = at;
  made.setAttribute("aria-label", `${model.getAttribute("aria-label")}, ${record + 1}`);
  made.value = value;
  if (made.tagName === "SELECT" && made.value !== value) made.add(new window.Option(value, value, true, true));
  return made;
}

function heading(text, scope) {
  const th = document.createElement("th");
  th.scope = scope;
  th.textContent = text;
  return th;
}

function draw(table, models, box) {
  const rows = [...records(box).map(cells), []];
  const made = rows.map((row, r) => models.map((model, c) => control(model, row[c] || "", r, c)));
  table.dataset.upright ??= models.length > UPRIGHT && rows.length <= FEW;
  const upright = table.dataset.upright === "true";
  const lines = upright ? models.map((_, c) => made.map((row) => row[c])) : made;
  table.replaceChildren();
  const head = table.insertRow();
  if (!upright) models.forEach((model) => head.append(heading(model.getAttribute("aria-label"), "col")));
  lines.forEach((controls, i) => {
    const row = table.insertRow();
    if (upright) row.append(heading(models[i].getAttribute("aria-label"), "row"));
    controls.forEach((one) => row.insertCell().append(one));
  });
  if (upright) head.remove();
}

function written(table) {
  const rows = [];
  table.querySelectorAll("[data-cell]").forEach((one) => {
    (rows[one.dataset.record] ||= [])[one.dataset.cell] = one.value;
  });
  return rows;
}

function build(template) {
  const box = document.getElementById(template.dataset.rows);
  const models = [...template.content.children];
  const table = document.createElement("table");
  table.className = "entry records";
  const frame = document.createElement("div");
  frame.className = "scrolls";
  frame.append(table);
  const details = document.createElement("details");
  const summary = document.createElement("summary");
  summary.textContent = "as text, to paste or copy";
  template.before(frame, details);
  details.append(summary, box);
  draw(table, models, box);

  table.addEventListener("input", () => {
    const rows = written(table);
    box.value = rows.map(line).filter(Boolean).join("\n");
    box.dispatchEvent(new Event("input", { bubbles: true }));
    if (line(rows[rows.length - 1])) {
      const { record, cell } = document.activeElement.dataset;
      draw(table, models, box);
      const again = table.querySelector(`[data-record="${record}"][data-cell="${cell}"]`);
      if (again) {
        again.focus();
        if (again.setSelectionRange) again.setSelectionRange(again.value.length, again.value.length);
      }
    }
  });
  box.addEventListener("input", (event) => {
    if (event.isTrusted) draw(table, models, box);
  });
  template.remove();
}

function all() {
  document.querySelectorAll("template[data-rows]").forEach(build);
}

document.addEventListener("htmx:afterSettle", all);
all();
