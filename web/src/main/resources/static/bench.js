// At the lathe: what is typed is never lost, keys and a pedal, a pad for the thumb, the voice, the lit screen.

const bench = () => document.getElementById("bench");

// What is sent is kept until it is answered, and sent again when the server is back: once.
const pause = (ms) => new Promise((go) => setTimeout(go, ms));
let sending = false;
// Calipers may send twice for one press. The very same number right after the last entry is left out once: entered
// once more it is a reading of its own. However slow the page is, that is judged by what was entered, not when.
const entered = { text: "", told: false };
function bounced(form) {
  const text = form.querySelector(".entry")?.value ?? "";
  const twice = text !== "" && text === entered.text && !entered.told;
  Object.assign(entered, { text, told: twice });
  return twice;
}
async function deliver(url, body) {
  for (let wait = 500; ; wait = Math.min(4000, wait * 2)) {
    try {
      return await fetch(url, { method: "POST", body });
    } catch {
      body.set("again", "true");
      tell("Hazel Keep does not answer. What you entered is kept on this page, and is sent as soon as it answers.");
      await pause(wait);
    }
  }
}
function tell(text) {
  let box = document.getElementById("away");
  if (!box) {
    box = document.createElement("p");
    box.id = "away";
    box.className = "tell warn text-lg";
    box.setAttribute("role", "alert");
    document.getElementById("main").prepend(box);
  }
  box.textContent = text;
}
document.addEventListener("submit", async (e) => {
  const form = e.target;
  if (!bench()?.contains(form)) return;
  e.preventDefault();
  if (sending) return;
  if (bounced(form)) { tell("The same number came twice: the second was left out. Press Enter again if it is a reading of its own."); return; }
  sending = true;
  const answer = await deliver(form.action, new URLSearchParams(new FormData(form, e.submitter)));
  sending = false;
  document.dispatchEvent(new Event("answered"));
  if (answer.redirected) {
    sessionStorage.setItem("entered", entered.text);
    location.assign(answer.url);
    return;
  }
  const page = new DOMParser().parseFromString(await answer.text(), "text/html");
  const next = page.getElementById("bench");
  if (next) {
    bench().replaceWith(next);
    ready();
  } else {
    tell(page.querySelector("main")?.textContent.trim() || `The server answered ${answer.status}. What you entered is still here.`);
  }
});

// The stopwatch of a lid that sinks: one press when it is let go, one when it sits.
let begun = 0;
document.addEventListener("click", (e) => {
  if (e.target.id !== "watch") return;
  if (begun) {
    document.getElementById("seconds").value = ((performance.now() - begun) / 1000).toFixed(1);
    begun = 0;
    e.target.setAttribute("aria-pressed", "false");
    e.target.textContent = "Let go: start";
    e.target.form.querySelector("button:not([type])").focus();
  } else {
    begun = performance.now();
    e.target.setAttribute("aria-pressed", "true");
    e.target.textContent = "It sits: stop";
  }
});

// A foot pedal sends Page Down and Page Up: cut by cut, then done; and back.
document.addEventListener("keydown", (e) => {
  if (e.ctrlKey || e.metaKey || (e.altKey ? !["d", "b"].includes(e.key.toLowerCase()) : !["PageDown", "PageUp"].includes(e.key))) return;
  // What lies over the bench is closed first.
  if (document.querySelector("dialog[open]")) return;
  const on = e.key === "PageDown" || e.key.toLowerCase() === "d";
  const next = on ? document.getElementById("leave-open") ?? document.getElementById("next-cut") : document.getElementById("prev-cut");
  const button = next || document.getElementById(on ? "done" : "back");
  e.preventDefault();
  if (button && !button.disabled) button.click();
});

// A number or a line on the drawing picks its row; the pad types for a thumb.
document.addEventListener("click", (e) => {
  const row = e.target.closest?.(".bench-picture [data-row]")?.dataset.row;
  if (row) document.getElementById(`row-${row}`)?.click();
  const key = e.target.closest?.("[data-pad]")?.dataset.pad;
  const field = document.getElementById("value");
  if (key && field) field.value = key === "back" ? field.value.slice(0, -1) : field.value + key;
  if (e.target.closest?.("#aloud")) {
    const on = localStorage.getItem("aloud") !== "on";
    localStorage.setItem("aloud", on ? "on" : "off");
    if (on) speak(); else speechSynthesis.cancel();
    voice();
  }
});

// The browser's own voice reads the title and the number.
function speak() {
  const text = [...document.querySelectorAll("[data-aloud]")].map((n) => n.textContent.trim()).filter(Boolean).join(". ");
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}
function voice() {
  const button = document.getElementById("aloud");
  if (!button || !("speechSynthesis" in window)) return;
  button.classList.remove("unheard");
  button.setAttribute("aria-pressed", localStorage.getItem("aloud") === "on");
}

// The screen stays lit while a step is open and the page is looked at.
async function lit() {
  if (!("wakeLock" in navigator) || document.visibilityState !== "visible" || !document.getElementById("done")) return;
  try { await navigator.wakeLock.request("screen"); } catch { /* Low on power: the screen may go dark. */ }
}
document.addEventListener("visibilitychange", lit);

// Calipers type a number and Enter into whatever has the focus: that is the field of the reading.
function ready() {
  const field = document.getElementById("value");
  const touch = matchMedia("(pointer: coarse)").matches;
  const pad = document.getElementById("pad");
  if (pad && touch) {
    pad.hidden = false;
    field.inputMode = "none";
  }
  field?.focus({ preventScroll: true });
  // What is asked back comes into view, and so does the field where the bar at the foot lies over it.
  const asked = field?.form.querySelector("[role=alert]");
  if (asked || !document.getElementById("next-cut")) (asked ?? field)?.scrollIntoView({ block: "nearest" });
  Object.assign(entered, { text: sessionStorage.getItem("entered") ?? "", told: false });
  sessionStorage.removeItem("entered");
  voice();
  if (localStorage.getItem("aloud") === "on" && "speechSynthesis" in window) speak();
}
ready();
lit();

// As found: a touch on the drawing says on which part and where; what is said is drawn before it is recorded.
const found = document.getElementById("found");
if (found) {
  let touched = "";
  const put = () => {
    const at = document.getElementById("at");
    if (at && touched) { at.value = touched; touched = ""; at.dispatchEvent(new Event("input", { bubbles: true })); }
  };
  found.addEventListener("click", (e) => {
    const part = e.target.closest?.("[data-part]");
    if (!part) return;
    const svg = document.getElementById("found-drawing");
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const mm = (p.x - svg.dataset.left) / svg.dataset.scale - part.dataset.datum;
    touched = found.dataset.unit === "INCH" ? (mm / 25.4).toFixed(2) : mm.toFixed(1);
    const pick = found.querySelector(`input[name=part][value="${part.dataset.part}"]`);
    if (pick && !pick.checked) {
      pick.checked = true;
      pick.dispatchEvent(new Event("change", { bubbles: true }));
    } else {
      put();
    }
  });
  document.addEventListener("htmx:afterSettle", put);
  let soon = 0;
  found.addEventListener("input", (e) => {
    const form = e.target.closest("#asked form");
    if (!form) return;
    clearTimeout(soon);
    soon = setTimeout(async () => {
      const said = new URLSearchParams(new FormData(form));
      said.delete("_csrf");
      try {
        const answer = await fetch(`${form.getAttribute("action")}?${said}`);
        const next = new DOMParser().parseFromString(await answer.text(), "text/html").getElementById("found-picture");
        if (next) document.getElementById("found-picture").replaceWith(next);
      } catch { /* No server: the drawing stays as it was. */ }
    }, 250);
  });
}
document.documentElement.classList.add("bench-ready");
