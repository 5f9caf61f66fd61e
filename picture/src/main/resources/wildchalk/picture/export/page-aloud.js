  // ---- read aloud: by the phone's own voice, the picture waits for it ----
  var voice = {on: false, step: -1, busy: false, at: 0};
  voice.can = typeof window.speechSynthesis !== "undefined" && typeof SpeechSynthesisUtterance !== "undefined";
  voice.say = function (s) {
    var words = [];
    document.querySelectorAll(".told[data-play='" + index + "'] li[data-step='" + s + "'] > p.line").forEach(function (p) {
      if (p.firstChild) words.push(p.firstChild.textContent.trim());
    });
    voice.step = s;
    window.speechSynthesis.cancel();
    if (!words.length) return;
    var said = new SpeechSynthesisUtterance(words.join(" "));
    said.lang = document.documentElement.lang;
    voice.busy = true;
    said.onend = said.onerror = function () { voice.busy = false; };
    window.speechSynthesis.speak(said);
  };
  // each step is read as it begins; the next does not begin before it is read
  voice.holds = function () {
    if (!voice.on || quiz) return false;
    var s = stepAt(now);
    if (s === voice.step) return false;
    if (voice.busy) { voice.at = Math.max(0, (drill.steps[s] || 0) - 0.01); return true; }
    voice.say(s);
    return false;
  };
  voice.stop = function () { voice.step = -1; voice.busy = false; if (voice.can) window.speechSynthesis.cancel(); };

  el("aloud").hidden = !voice.can;
  el("aloud").addEventListener("click", function () {
    voice.on = !voice.on;
    voice.stop();
    el("aloud").textContent = labels[voice.on ? "quiet" : "aloud"];
    el("aloud").setAttribute("aria-pressed", String(voice.on));
    if (voice.on && !playing) { go(drill.steps[stepAt(now)] || 0); setPlaying(true); }
  });
