// The film of a route: each stage large in its turn, and, played, the tools that come in and cut it.

const film = document.getElementById("film");
const scrubber = document.getElementById("scrubber");
const play = document.getElementById("play");
const piece = document.getElementById("route").dataset.piece;
const still = matchMedia("(prefers-reduced-motion: reduce)");

// How long a step without a cut is shown, ms, and how many outlines of a tool a second.
const DWELL = 1400;
const RATE = 45;
// A long way is gone faster: no tool is on its way for longer than this, ms.
const LONGEST = 3200;

const pictures = new Map();
function picture(no) {
  if (!pictures.has(no)) {
    pictures.set(no, fetch(`/pieces/${piece}/route/film/${no}`)
      .then((a) => (a.ok ? a.text() : Promise.reject(a.status)))
      .then((text) => document.importNode(new DOMParser().parseFromString(text, "text/html").querySelector("svg"), true))
      .catch(() => { pictures.delete(no); return null; }));
  }
  return pictures.get(no);
}

// What the tools have opened of the wood: nothing before they come, all when they are through.
function opened(svg, share) {
  const ways = [...svg.querySelectorAll(".opened")];
  ways.forEach((way, i) => {
    const tool = Math.floor(i / 2);
    const own = Math.max(0, Math.min(1, share - tool));
    const long = way.getTotalLength();
    way.setAttribute("stroke-dasharray", `${long} ${long + 1}`);
    way.setAttribute("stroke-dashoffset", String(long * (1 - own)));
    way.classList.toggle("begun", own > 0);
  });
}

let turn = 0;
async function show(no, scroll) {
  const card = document.getElementById(`step-${no}`) ?? document.querySelector(".step");
  if (!card) return null;
  const mine = ++turn;
  document.querySelectorAll(".step.on").forEach((c) => c.classList.remove("on"));
  card.classList.add("on");
  document.getElementById("film-title").textContent = `${no} ${card.querySelector(".title").textContent}`;
  document.getElementById("film-words").innerHTML = card.querySelector(".words").innerHTML;
  document.getElementById("film-stiff").textContent = card.dataset.stiff ?? "";
  const lines = [card.dataset.speed, ...[...card.querySelectorAll(".cut")].map((c) => c.textContent), ...[...card.querySelectorAll(".target")].map((s) => `${s.textContent}, ${s.dataset.how}`)];
  document.getElementById("film-numbers").replaceChildren(...lines.filter(Boolean).map((text) => {
    const line = document.createElement("span");
    line.textContent = text;
    return line;
  }));
  if (scroll) card.scrollIntoView({ block: "nearest" });
  // Until there is an answer, and without one, the small picture is shown large.
  const small = card.querySelector("svg").cloneNode(true);
  const place = document.getElementById("film-picture");
  if (!place.firstChild) place.replaceChildren(small);
  const svg = (await picture(no)) ?? small;
  if (mine !== turn) return null;
  svg.classList.remove("playing");
  place.replaceChildren(svg);
  document.getElementById("film-tools").textContent = [...new Set([...svg.querySelectorAll(".tool")].map((t) => t.dataset.name))].join(", ");
  return svg;
}

// One tool after another comes in, goes along its way and out again.
function run(svg, ended) {
  const tools = [...svg.querySelectorAll(".tool")];
  svg.classList.add("playing");
  opened(svg, 0);
  let at = 0;
  let since = 0;
  const tick = (now) => {
    if (!playing) { opened(svg, 0); svg.classList.remove("playing"); return; }
    since ||= now;
    const tool = tools[at];
    const frames = tool.dataset.frames.split("|");
    const rate = Math.max(RATE, (1000 * frames.length) / LONGEST);
    const frame = Math.floor(((now - since) / 1000) * rate);
    tools.forEach((t) => t.classList.toggle("here", t === tool));
    tool.setAttribute("d", frames[Math.min(frame, frames.length - 1)]);
    const from = Number(tool.dataset.from);
    const to = Number(tool.dataset.to);
    opened(svg, at + Math.max(0, Math.min(1, (frame - from + 1) / (to - from))));
    if (frame >= frames.length) { at++; since = now; }
    if (at < tools.length) requestAnimationFrame(tick);
    else { svg.classList.add("through"); ended(); }
  };
  requestAnimationFrame(tick);
}

let playing = false;
let clock = 0;
function stop() {
  playing = false;
  clearTimeout(clock);
  play.setAttribute("aria-pressed", "false");
  play.textContent = "Play";
}
async function step() {
  const svg = await show(scrubber.value, false);
  if (!playing || !svg) return;
  if (Number(scrubber.value) < Number(scrubber.max)) picture(String(Number(scrubber.value) + 1));
  const next = () => {
    clock = setTimeout(() => {
      svg.classList.remove("playing", "through");
      if (!playing) return;
      if (scrubber.value === scrubber.max) { stop(); return; }
      scrubber.stepUp();
      step();
    }, svg.querySelector(".tool") && !still.matches ? DWELL / 3 : DWELL);
  };
  if (svg.querySelector(".tool") && !still.matches) run(svg, next);
  else next();
}
play.addEventListener("click", () => {
  if (playing) { stop(); return; }
  if (scrubber.value === scrubber.max) scrubber.value = scrubber.min;
  playing = true;
  play.setAttribute("aria-pressed", "true");
  play.textContent = "Stop";
  step();
});
// Whoever looks for himself has seen enough of the film.
const look = (no, scroll) => { stop(); show(no, scroll); };
scrubber.addEventListener("input", () => look(scrubber.value, true));
document.querySelectorAll(".step").forEach((c) => c.addEventListener("click", () => { scrubber.value = c.dataset.no; look(c.dataset.no, false); }));
show(scrubber.value, false);
film.classList.add("ready");
