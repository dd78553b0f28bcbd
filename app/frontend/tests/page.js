// A page for a test: the globals that a browser gives, over some markup.
import { JSDOM } from "jsdom";

export function page(markup) {
  const dom = new JSDOM(`<!doctype html><body>${markup}</body>`, { url: "http://unbo.test/", pretendToBeVisual: true });
  const { window } = dom;
  const asked = [];
  Object.assign(globalThis, {
    window,
    document: window.document,
    Event: window.Event,
    CustomEvent: window.CustomEvent,
    KeyboardEvent: window.KeyboardEvent,
    HTMLElement: window.HTMLElement,
    localStorage: window.localStorage,
    htmx: { trigger: (element, name) => asked.push([element.id, name]) },
  });
  return { window, document: window.document, asked };
}

/** Fetches a script anew, as a page that is opened does. */
let opened = 0;
export const script = (name) => import(`../scripts/${name}?${++opened}`);

export function press(target, key, more = {}) {
  const event = new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true, ...more });
  target.dispatchEvent(event);
  return event;
}
