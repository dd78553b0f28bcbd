// What every page has, and what a page needs: a part is fetched when what it works on is there.
import "./keys.js";
import "./asked.js";
import "./typed.js";
import "./seek.js";

const parts = {
  "svg[data-drawing=nut-face]": "./nut.js",
  "[data-notes], [data-note]": "./diagnose.js",
  "[data-live]": "./instrument.js",
  "[data-brush]": "./race.js",
  "[data-countdown]": "./countdown.js",
  "[data-drag]": "./order.js",
  "input[data-slide]": "./slide.js",
  "g[data-spin]": "./spin.js",
  "svg[data-drawing=section], a.part-of": "./section.js",
  "[data-tick], [data-answer]": "./steps.js",
  "[data-bench]": "./bench.js",
  "[data-record]": "./record.js",
  "template[data-rows]": "./rows.js",
  "[data-touch]": "./touch.js",
  "[data-day]": "./day.js",
};

function fetchNeeded() {
  for (const [what, part] of Object.entries(parts)) {
    if (document.querySelector(what)) {
      delete parts[what];
      import(part);
    }
  }
}

document.addEventListener("htmx:afterSettle", fetchNeeded);
fetchNeeded();
