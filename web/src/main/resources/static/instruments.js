// Readings that instruments send: they go into the field that asks for their kind, and the turner enters them.

const page = document.documentElement;
if (page.dataset.instruments === "on" && "EventSource" in window) {
  const stream = new EventSource("/instruments/stream");
  stream.addEventListener("open", () => page.classList.add("listening"));
  stream.addEventListener("reading", (e) => take(JSON.parse(e.data)));
  addEventListener("pagehide", () => stream.close());
}

function take(reading) {
  const takes = (f) => f?.dataset?.takes === reading.kind;
  const field = takes(document.activeElement) ? document.activeElement : document.querySelector(`[data-takes="${reading.kind}"]`);
  const shown = reading.kind === "mm" && page.dataset.unit === "INCH" ? reading.inch : reading.mm;
  const unit = reading.kind !== "mm" ? reading.unit : page.dataset.unit === "INCH" ? "in" : "mm";
  if (!field) { tell(`The ${reading.device} sent ${shown} ${unit}; nothing here asks for it.`); return; }
  field.value = shown;
  field.focus();
  field.dispatchEvent(new Event("input", { bubbles: true }));
  field.dispatchEvent(new Event("change", { bubbles: true }));
  tell(`${reading.device}: ${shown} ${unit}. Press Enter to record it.`);
}

function tell(text) {
  let box = document.getElementById("sent");
  if (!box) {
    box = document.createElement("p");
    box.id = "sent";
    box.className = "toast";
    box.setAttribute("role", "status");
    document.body.append(box);
  }
  box.textContent = text;
}
