// Sizes on the drawing, points of the outline, the order of the route.

const sheet = () => document.getElementById("sheet");
const csrf = () => JSON.parse(document.body.getAttribute("hx-headers") || "{}");

// Changes go one at a time, each on the version that the last one left: quick fingers overtake nothing.
// Of changes to the same thing only the newest waits.
const waiting = new Map();
// The path of the change that is on its way.
let busy = "";
function send(thing, path, values) {
  waiting.set(thing, { path, values });
  pump();
}
function pump() {
  const next = waiting.entries().next().value;
  if (busy || !next) return;
  const [thing, change] = next;
  waiting.delete(thing);
  const s = sheet();
  busy = `/pieces/${s.dataset.piece}/${change.path}`;
  htmx.ajax("POST", busy, {
    target: "#sheet", swap: "outerHTML", values: { ...change.values, version: s.dataset.version },
  });
}
document.addEventListener("htmx:afterRequest", (e) => {
  // Parts of the page that come later change nothing: only the answer to a change lets the next one go.
  const path = e.detail.pathInfo?.requestPath ?? "";
  if (e.detail.requestConfig?.verb !== "post" || !path.startsWith("/pieces/")) return;
  if (path === busy) busy = "";
  // What was typed or moved while the answer was on its way is kept and sent next.
  if (typing) {
    const field = document.getElementById(typing.id);
    if (field) { field.value = typing.value; field.focus(); }
  }
  pump();
});

let typing = null;
function type(input) { typing = { id: input.id, value: input.value }; }
function saveSize(input) {
  if (input.value === input.dataset.sent) return;
  input.dataset.sent = input.value;
  typing = null;
  send(input.id, "size", { key: input.dataset.key, value: input.value });
}

// A fraction as typed, or a decimal, as a number; NaN when it is neither.
function toNumber(text) {
  const m = text.trim().replace(/ in$/, "").match(/^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/);
  return m ? Number(m[1] || 0) + Number(m[2]) / Number(m[3]) : Number(text.replace(/ in$/, "").replace(",", "."));
}

// A sheet that has just come is not yet wired: a key that is quicker than that waits for it.
let settling = false;
document.addEventListener("htmx:afterSwap", () => { settling = true; setTimeout(() => { settling = false; }, 200); });
document.addEventListener("htmx:afterSettle", () => { settling = false; });
function settled(then) {
  if (settling) document.addEventListener("htmx:afterSettle", then, { once: true });
  else then();
}
function press(id) {
  const button = document.getElementById(id);
  if (button && !button.disabled) button.click();
}

let pending = 0;
let nudged = null;
document.addEventListener("input", (e) => { if (e.target.classList?.contains("dim-input")) type(e.target); });
document.addEventListener("keydown", (e) => {
  const t = e.target;
  if (document.querySelector("dialog[open]")) return;
  // Undo and redo reach the design from a field too, unless something is typed there: that is undone first.
  const typed = t.matches?.("input, textarea") && t.value !== t.defaultValue;
  if ((e.altKey || ((e.ctrlKey || e.metaKey) && !typed)) && ["z", "y"].includes(e.key.toLowerCase())) {
    const id = e.key.toLowerCase() === "y" || (e.shiftKey && !e.altKey) ? "redo" : "undo";
    if (document.getElementById(id)) { e.preventDefault(); settled(() => press(id)); }
    return;
  }
  // No number holds a question mark.
  if (e.key === "?" && !t.closest?.("input:not([data-takes]):not([data-length]):not(.dim-input), textarea, select")) { e.preventDefault(); keys(); return; }
  if (t.classList?.contains("dim-input")) {
    if (e.key === "Escape") { typing = null; clearTimeout(pending); t.value = t.defaultValue; t.dataset.sent = t.value; t.blur(); return; }
    if (e.key === "Enter") { e.preventDefault(); clearTimeout(pending); saveSize(t); return; }
    if (e.key === "ArrowUp" || e.key === "ArrowDown") {
      const inch = sheet().dataset.unit === "INCH";
      const step = inch ? (e.shiftKey ? 1 / 64 : 1 / 32) : e.shiftKey ? 0.1 : 0.5;
      const now = toNumber(t.value);
      if (Number.isNaN(now)) return;
      e.preventDefault();
      const next = now + (e.key === "ArrowUp" ? step : -step);
      t.value = inch ? String(next) + " in" : String(Math.round(next * 1000) / 1000);
      type(t);
      clearTimeout(pending);
      pending = setTimeout(() => { const field = document.getElementById(t.id); if (field) saveSize(field); }, 150);
    }
    return;
  }
  if (t.classList?.contains("handle") && e.key.startsWith("Arrow")) {
    e.preventDefault();
    const step = e.shiftKey ? 0.1 : 0.5;
    const from = busy && nudged?.handle === t.dataset.handle ? nudged : { z: Number(t.dataset.z), r: Number(t.dataset.r) };
    const z = from.z + (e.key === "ArrowRight" ? step : e.key === "ArrowLeft" ? -step : 0);
    const r = from.r + (e.key === "ArrowUp" ? step : e.key === "ArrowDown" ? -step : 0);
    nudged = { handle: t.dataset.handle, z, r };
    drop(t.dataset.handle, z, r);
    return;
  }
});

// The keys are listed over the page that is open: nothing typed is left behind.
async function keys() {
  let list = document.getElementById("keys-list");
  if (!list) {
    const help = await fetch("/words").catch(() => null);
    const told = help?.ok ? new DOMParser().parseFromString(await help.text(), "text/html").getElementById("keys") : null;
    if (!told) return;
    list = document.createElement("dialog");
    list.id = "keys-list";
    list.setAttribute("aria-label", "Keys");
    const close = document.createElement("button");
    close.className = "btn";
    close.textContent = "Close";
    close.addEventListener("click", () => list.close());
    list.append(document.adoptNode(told), close);
    document.body.append(list);
  }
  list.showModal();
}

// The first click on a size selects it: what is typed next takes its place.
let entered = null;
document.addEventListener("focusin", (e) => { entered = e.target.classList?.contains("dim-input") ? e.target : null; });
document.addEventListener("click", (e) => { if (e.target === entered) { entered.select(); entered = null; } });

document.addEventListener("change", (e) => {
  if (e.target.classList?.contains("dim-input")) { clearTimeout(pending); saveSize(e.target); }
});

// What was folded open stays open when the sheet comes anew.
let unfolded = [];
document.addEventListener("htmx:beforeSwap", (e) => {
  if (e.detail.target?.id === "sheet") unfolded = [...sheet().querySelectorAll("details[open][id]")].map((d) => d.id);
});
document.addEventListener("htmx:afterSettle", () => {
  for (const id of unfolded) { const d = document.getElementById(id); if (d) d.open = true; }
  unfolded = [];
});

// Dragging: at most one question in flight, the newest place next; saved when the point is let go.
let drag = null;
function place(e) {
  const svg = document.getElementById("drawing");
  const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM().inverse());
  const d = svg.dataset;
  return { z: (p.x - d.left) / d.scale, r: Math.max(0, (d.axis - p.y) / d.scale) };
}
// The sheet lies still under a point that is dragged.
function lying() {
  const { left, axis, scale } = document.getElementById("drawing").dataset;
  return { left, axis, scale };
}
async function ask() {
  if (!drag || drag.busy || !drag.next) return;
  const at = drag.next;
  drag.next = null;
  drag.busy = true;
  try {
    const answer = await fetch(`/pieces/${sheet().dataset.piece}/dragging`, { method: "POST", headers: csrf(), body: new URLSearchParams({ handle: drag.handle, ...at, ...drag.sheet }) });
    if (answer.ok && drag) {
      const box = new DOMParser().parseFromString(await answer.text(), "text/html").getElementById("drawing-box");
      document.getElementById("drawing-box").replaceChildren(...box.childNodes);
    }
  } finally {
    if (drag) { drag.busy = false; ask(); }
  }
}
function drop(handle, z, r) {
  send(`handle-${handle}`, "drag", { handle, z, r });
}
document.addEventListener("pointerdown", (e) => {
  if (e.target.classList?.contains("handle")) {
    e.preventDefault();
    const d = e.target.dataset;
    drag = { handle: d.handle, along: d.along === "true", across: d.across === "true", z: Number(d.z), r: Number(d.r), last: null, next: null, busy: false, sheet: lying() };
  }
});
// A click on the drawing says where something is to be put, while its form is open.
document.addEventListener("click", (e) => {
  const form = document.getElementById("added")?.open && document.getElementById("put");
  if (!form || !e.target.closest?.("#drawing") || e.target.closest(".handle, input, a, foreignObject")) return;
  const { z } = place(e);
  const parts = form.querySelector("#put-part");
  const at = [...parts.options].find((o) => z > Number(o.dataset.zero) && z < Number(o.dataset.zero) + Number(o.dataset.high));
  if (!at) return;
  parts.value = at.value;
  const mm = z - Number(at.dataset.zero);
  const field = form.querySelector("#put-height");
  field.value = sheet().dataset.unit === "INCH" ? (mm / 25.4).toFixed(2) : mm.toFixed(1);
  form.querySelector("button").focus();
});
document.addEventListener("pointermove", (e) => {
  if (!drag) return;
  const p = place(e);
  drag.next = drag.last = { z: drag.along ? p.z : drag.z, r: drag.across ? p.r : drag.r };
  ask();
});
document.addEventListener("pointerup", () => {
  const d = drag;
  drag = null;
  if (d?.last) drop(d.handle, d.last.z, d.last.r);
});

// What became of the last change. Why it was not saved stays until a change is saved; a part of the page
// that is only looked at says nothing.
const told = (text) => { const s = document.getElementById("saved"); if (s) s.textContent = text; };
const changes = (e) => e.detail.requestConfig?.verb === "post";
document.addEventListener("htmx:beforeRequest", (e) => { if (changes(e)) told("saving"); });
document.addEventListener("htmx:afterRequest", (e) => {
  if (!changes(e)) return;
  const status = e.detail.xhr?.status ?? 0;
  if (status >= 200 && status < 400) { told("saved"); return; }
  // The same value can be sent again, where the page has not answered with the field anew.
  if (status !== 409 && status !== 422) document.querySelectorAll("[data-sent]").forEach((field) => delete field.dataset.sent);
  const xhr = e.detail.xhr;
  const words = xhr?.getResponseHeader("Content-Type")?.startsWith("text/plain") ? xhr.responseText : "";
  told(!status ? "Not saved: Hazel Keep does not answer. What you typed is still here; send it again when it runs."
    : status === 409 || status === 422 ? "not saved"
    : words || `Not saved: the server answered ${status}. What you typed is still here; send it again.`);
});

// As what a size is understood stands beside its field while it is typed.
const sized = (t) => t?.matches?.(".dim-input, .el-size, [data-length], [data-takes='mm']");
const hint = document.createElement("output");
hint.className = "understood";
hint.hidden = true;
document.body.append(hint);
let reading = 0;
document.addEventListener("input", (e) => {
  const field = e.target;
  if (!sized(field)) return;
  clearTimeout(reading);
  reading = setTimeout(async () => {
    const text = field.value;
    const answer = text.trim() ? await fetch(`/understood?text=${encodeURIComponent(text)}`).catch(() => null) : null;
    const words = answer?.ok ? await answer.text() : "";
    if (document.activeElement !== field || field.value !== text) return;
    const box = field.getBoundingClientRect();
    hint.textContent = words;
    hint.hidden = !words;
    hint.style.left = `${Math.max(4, Math.min(box.left, innerWidth - hint.offsetWidth - 4)) + scrollX}px`;
    hint.style.top = `${box.bottom + 4 + scrollY}px`;
  }, 120);
});
document.addEventListener("focusout", () => { hint.hidden = true; });

// What takes long says that it works, and how far it has come: a page that is gone to, a form that is sent, a
// part of the page that is asked for.
const LONG = 700;
let waits = null;
const bar = document.createElement("div");
bar.className = "working";
bar.hidden = true;
bar.setAttribute("role", "status");
const done = document.createElement("span");
done.setAttribute("role", "progressbar");
done.setAttribute("aria-label", "Working it out");
bar.append(done);
document.body.append(bar);
async function far() {
  const now = waits;
  if (!now) return;
  bar.hidden = false;
  const answer = await fetch(`/working?of=${encodeURIComponent(now.path)}`).catch(() => null);
  if (waits !== now) return;
  if (answer?.status === 200) {
    const percent = await answer.text();
    done.setAttribute("aria-valuenow", percent);
    done.textContent = `${percent} % worked out`;
    done.style.width = `${percent}%`;
  } else {
    // Nothing is worked on any more: a file that was saved leaves the page where it is.
    if (++now.idle > 2) { answered(); return; }
    done.removeAttribute("aria-valuenow");
    done.textContent = "Working it out";
  }
  now.soon = setTimeout(far, LONG);
}
function awaited(address) {
  const to = new URL(address, location.href);
  if (to.origin !== location.origin) return;
  answered();
  waits = { path: to.pathname, idle: 0, soon: setTimeout(far, LONG) };
}
function answered() {
  clearTimeout(waits?.soon);
  waits = null;
  bar.hidden = true;
}
document.addEventListener("click", (e) => {
  const link = e.target.closest?.("a[href]");
  const elsewhere = e.defaultPrevented || e.button || e.ctrlKey || e.metaKey || e.shiftKey || e.altKey;
  if (!link || elsewhere || link.target || link.hasAttribute("download") || link.getAttribute("href").startsWith("#")) return;
  awaited(link.href);
});
document.addEventListener("submit", (e) => { if (!e.defaultPrevented) awaited(e.submitter?.formAction || e.target.action); });
document.addEventListener("htmx:beforeRequest", (e) => awaited(e.detail.pathInfo?.finalRequestPath ?? e.detail.pathInfo?.requestPath ?? ""));
document.addEventListener("htmx:afterRequest", answered);
document.addEventListener("answered", answered);
addEventListener("pageshow", answered);

document.documentElement.classList.add("js");

// A link to a field leads into it.
if (location.hash) document.getElementById(decodeURIComponent(location.hash.slice(1)))?.focus();

// Days and hours as the browser's owner writes them.
const owns = (within) => {
  for (const time of within.querySelectorAll("time[datetime]")) {
    const day = time.dateTime.length === 10;
    const at = new Date(day ? `${time.dateTime}T00:00` : time.dateTime);
    if (!Number.isNaN(at.getTime())) time.textContent = at.toLocaleString(undefined, day ? { dateStyle: "medium" } : { dateStyle: "medium", timeStyle: "short" });
  }
};
owns(document);
document.addEventListener("htmx:load", (e) => owns(e.detail.elt));

// A step is dragged on to the one that it is to follow, or into an empty hold.
const route = document.getElementById("route");
if (route) {
  let carried = null;
  const over = (e) => e.target.closest?.(".step[draggable], .strip.empty");
  route.addEventListener("dragstart", (e) => {
    carried = e.target.closest(".step")?.dataset.key ?? null;
    e.dataTransfer.effectAllowed = "move";
  });
  route.addEventListener("dragover", (e) => {
    document.querySelectorAll(".drop").forEach((c) => c.classList.remove("drop"));
    if (carried && over(e)) { e.preventDefault(); over(e).classList.add("drop"); }
  });
  route.addEventListener("drop", async (e) => {
    const to = over(e);
    if (!carried || !to) return;
    e.preventDefault();
    const fields = to.dataset.key ? { how: "after", to: to.dataset.key } : { how: "into", to: to.dataset.setup };
    if (fields.to === carried) return;
    const answer = await fetch(`/pieces/${route.dataset.piece}/route/step`, {
      method: "POST", headers: csrf(), body: new URLSearchParams({ what: carried, version: route.dataset.version, ...fields }),
    });
    location.assign(answer.url);
  });
}

// The wish is drawn as it is typed; only the newest question is waited for. What was typed before this script came, or
// was put back by the browser, is drawn too.
const wish = document.getElementById("wish");
if (wish) {
  let soon = 0;
  let asked = null;
  const draw = () => {
    clearTimeout(soon);
    soon = setTimeout(async () => {
      asked?.abort();
      asked = new AbortController();
      try {
        const answer = await fetch("/pieces/new/preview", { method: "POST", body: new URLSearchParams(new FormData(wish)), signal: asked.signal });
        if (!answer.ok) return;
        const next = new DOMParser().parseFromString(await answer.text(), "text/html").getElementById("preview");
        document.getElementById("preview").replaceWith(next);
      } catch { /* A newer question, or no server: the drawing stays as it was. */ }
    }, 300);
  };
  const typed = (field) => field.matches("select")
    ? [...field.options].some((o) => o.selected !== o.defaultSelected && field.querySelector("[selected]"))
    : field.value !== field.defaultValue || field.checked !== field.defaultChecked;
  wish.addEventListener("input", draw);
  window.addEventListener("pageshow", () => {
    if ([...wish.querySelectorAll("input, select, textarea")].some(typed)) draw();
  });
}

// What was moved before the page could follow it is followed once it is all there.
window.addEventListener("load", () => {
  document.querySelectorAll("input[type=range][hx-get]").forEach((r) => {
    if (r.value !== r.defaultValue) r.dispatchEvent(new Event("change", { bubbles: true }));
  });
});
