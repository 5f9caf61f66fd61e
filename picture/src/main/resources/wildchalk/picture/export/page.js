"use strict";
(function () {
  var whole = JSON.parse(document.getElementById("drill").textContent);
  var index = 0;
  whole.plays.forEach(function (p, i) { if (p.id === "") index = i; });
  var drill = whole.plays[index], asked = {};
  var labels = JSON.parse(document.body.getAttribute("data-labels"));
  var el = function (id) { return document.getElementById(id); };
  var now = 0, playing = false, last = 0, mine = "";
  var calm = window.matchMedia && matchMedia("(prefers-reduced-motion: reduce)").matches;

  // flat [second, a, b, ...] rows of the given width; the last row at or before t
  function rowAt(list, width, t) {
    var low = 0, high = list.length / width - 1;
    while (low < high) {
      var middle = (low + high + 1) >> 1;
      if (list[middle * width] <= t) low = middle; else high = middle - 1;
    }
    return low;
  }
  function place(track, t) {
    var i = rowAt(track, 3, t) * 3;
    if (i + 3 >= track.length) return [track[i + 1], track[i + 2]];
    var span = track[i + 3] - track[i];
    var f = span > 0 ? Math.min(1, Math.max(0, (t - track[i]) / span)) : 0;
    return [track[i + 1] + (track[i + 4] - track[i + 1]) * f, track[i + 2] + (track[i + 5] - track[i + 2]) * f];
  }
  function facing(list, t) { return list[rowAt(list, 2, t) * 2 + 1]; }
  // the surface lies or stands, whichever fills the screen better
  var stage = whole.stages[drill.stage], frame = stage.frames[0], turn = 0;
  function orient() {
    var wide = document.documentElement.clientWidth, high = window.innerHeight * 0.58;
    var fit = function (f) { return Math.min(wide / f.width, high / f.height); };
    if (window.innerWidth > window.innerHeight) { wide = window.innerWidth - 250; high = window.innerHeight - 52; }
    var upright = fit(stage.frames[1]) > fit(stage.frames[0]);
    frame = stage.frames[upright ? 1 : 0];
    turn = upright ? 90 : 0;
    el("board").setAttribute("viewBox", "0 0 " + frame.width + " " + frame.height);
    el("board").setAttribute("data-frame", upright ? 1 : 0);
    document.querySelectorAll(".turn").forEach(function (g) {
      if (upright) g.setAttribute("transform", "matrix(0 -1 1 0 0 " + stage.frames[0].width + ")");
      else g.removeAttribute("transform");
    });
    document.querySelectorAll(".lying").forEach(function (g) { g.classList.toggle("off", upright); });
    document.querySelectorAll(".upright").forEach(function (g) { g.classList.toggle("off", !upright); });
  }
  function pixels(p) {
    return frame.standing
      ? [frame.x - p[1] * frame.pixelsPerMetre, frame.y - p[0] * frame.pixelsPerMetre]
      : [frame.x + p[0] * frame.pixelsPerMetre, frame.y - p[1] * frame.pixelsPerMetre];
  }
  function stepAt(t) {
    var s = 0;
    drill.steps.forEach(function (start, i) { if (start <= t + 1e-6) s = i; });
    return s;
  }
  function move(node, p) { node.setAttribute("transform", "translate(" + p[0].toFixed(3) + " " + p[1].toFixed(3) + ")"); }

  // what is asked of whoever wants to know his part; nothing while it only plays
  var quiz = null;

  function show() {
    Object.keys(drill.roles).forEach(function (id) {
      var r = drill.roles[id], node = el(drill.id + "role-" + id);
      move(node, pixels(place(r.track, quiz && id === mine ? quiz.seen(now) : now)));
      node.querySelector(".nose").setAttribute("transform", "rotate(" + -(facing(r.facing, now) + turn) + ")");
      node.classList.toggle("mine", id === mine);
      node.classList.toggle("others", mine !== "" && id !== mine);
    });
    Object.keys(drill.gear).forEach(function (id) {
      var g = drill.gear[id], p = pixels(place(g.track, now)), by = "";
      g.held.forEach(function (h) { if (h[0] <= now) by = h[1]; });
      if (by) {
        var body = pixels(place(drill.roles[by].track, now));
        var hand = (facing(drill.roles[by].facing, now) + turn - 38) * Math.PI / 180;
        p = [body[0] + stage.ballAway * Math.cos(hand), body[1] - stage.ballAway * Math.sin(hand)];
      }
      move(el(drill.id + "gear-" + id), p);
    });
    Object.keys(drill.balls).forEach(function (id) {
      var b = drill.balls[id], p = pixels(place(b.track, now)), holder = "";
      b.held.forEach(function (h) { if (h[0] <= now) holder = h[1]; });
      var node = el(drill.id + "ball-" + id), inner = node.querySelector(".inner");
      move(node, p);
      var a = holder ? (facing(drill.roles[holder].facing, now) + turn + 38) * Math.PI / 180 : 0;
      var away = holder ? stage.ballAway : 0;
      inner.setAttribute("transform", "translate(" + away * Math.cos(a) + " " + -away * Math.sin(a) + ")");
    });
    var s = stepAt(now);
    document.querySelectorAll(".play[data-play='" + index + "'] .strokes").forEach(function (g) {
      var k = +g.getAttribute("data-step");
      g.classList.toggle("now", k === s);
      g.classList.toggle("past", k < s);
    });
    document.querySelectorAll(".told[data-play='" + index + "'] li[data-step]").forEach(function (li) {
      li.classList.toggle("now", +li.getAttribute("data-step") === s);
    });
    if (el("said").textContent !== (drill.said[s] || "")) el("said").textContent = drill.said[s] || "";
    el("time").value = drill.seconds > 0 ? Math.round(now / drill.seconds * 1000) : 0;
    el("clock").textContent = now.toFixed(1) + " s";
  }
  function dress() {
    document.querySelectorAll(".play").forEach(function (g) {
      if (+g.getAttribute("data-play") === index) g.removeAttribute("hidden"); else g.setAttribute("hidden", "");
    });
    document.querySelectorAll(".told").forEach(function (d) { d.hidden = +d.getAttribute("data-play") !== index; });
    document.querySelectorAll(".part").forEach(function (p) {
      p.hidden = p.getAttribute("data-role") !== mine || +p.getAttribute("data-play") !== index;
    });
    var paths = el("path");
    paths.textContent = "";
    whole.plays.forEach(function (p, i) {
      if (p.chapter !== drill.chapter) return;
      var o = document.createElement("option");
      o.value = i; o.textContent = p.path; o.selected = i === index;
      paths.appendChild(o);
    });
    el("chapter").value = drill.chapter;
    el("chapters").hidden = el("chapter").options.length < 2;
    el("paths").hidden = paths.options.length < 2;
    el("choose").hidden = el("chapters").hidden && el("paths").hidden;
  }
  // another path or version; what both have in common stays where it is
  function take(k, t) {
    var before = drill.stage;
    index = k; drill = whole.plays[k]; el("ask").hidden = true;
    if (drill.stage !== before) setOut();
    dress(); go(t);
  }
  // another drill: its own surface, its own players
  function setOut() {
    stage = whole.stages[drill.stage];
    document.querySelectorAll(".stage-of").forEach(function (g) {
      if (+g.getAttribute("data-stage") === drill.stage) g.removeAttribute("hidden"); else g.setAttribute("hidden", "");
    });
    var roles = el("role");
    while (roles.options.length > 1) roles.remove(1);
    stage.roles.forEach(function (r) {
      var o = document.createElement("option");
      o.value = r[0]; o.textContent = r[1];
      roles.appendChild(o);
    });
    mine = stage.me;
    roles.value = mine;
    orient();
  }
  function toChapter(id) {
    var first = -1;
    whole.plays.forEach(function (p, i) { if (p.chapter === id && (first < 0 || p.id === "")) first = i; });
    if (first >= 0) { setPlaying(false); if (quiz) stopQuiz(); voice.stop(); asked = {}; take(first, 0); }
  }
  function ask(turn) {
    var box = el("ask");
    setPlaying(false);
    asked[turn.id] = true;
    box.textContent = "";
    var p = document.createElement("p");
    p.textContent = turn.ask;
    box.appendChild(p);
    turn.ways.forEach(function (w) {
      if (w.play < 0) return;
      var b = document.createElement("button");
      b.type = "button"; b.textContent = w.label;
      b.addEventListener("click", function () { take(w.play, now); setPlaying(true); asked[turn.id] = true; });
      box.appendChild(b);
    });
    box.hidden = false;
  }
  function go(t) { now = Math.max(0, Math.min(drill.seconds, t)); show(); }
  function setPlaying(on) {
    playing = on;
    el("play").textContent = on ? labels.pause : labels.play;
    el("play").setAttribute("aria-pressed", String(on));
    if (on) { if (now >= drill.seconds) now = 0; if (now < 0.01) asked = {}; el("ask").hidden = true; last = performance.now(); requestAnimationFrame(tick); }
  }
  function tick(time) {
    if (!playing) return;
    now += Math.max(0, time - last) / 1000 * el("speed").value;
    last = time;
    if (quiz && quiz.tick()) return;
    if (voice.holds()) { now = voice.at; show(); requestAnimationFrame(tick); return; }
    var due = quiz ? null : drill.turns.filter(function (u) { return u.at <= now && !asked[u.id]; })[0];
    if (due) { now = due.at; show(); ask(due); return; }
    if (quiz && now >= drill.seconds) { go(drill.seconds); setPlaying(false); quiz.end(); return; }
    if (now >= drill.seconds) {
      if (el("loop").checked) { now = 0; asked = {}; } else { go(drill.seconds); setPlaying(false); return; }
    }
    show();
    requestAnimationFrame(tick);
  }
  function label(key, a, b) { return labels[key].replace("#1", a).replace("#2", b); }
  function kept(key, value) {
    try {
      if (value === undefined) return localStorage.getItem(key);
      localStorage.setItem(key, value);
    } catch (nowhere) { /* a page from a file may keep nothing: then it is forgotten */ }
    return null;
  }
@aloud@
@know@
@changed@
  function toStep(k) { setPlaying(false); go(drill.steps[Math.max(0, Math.min(drill.steps.length - 1, k))] || 0); }

  el("play").addEventListener("click", function () { setPlaying(!playing); });
  el("back").addEventListener("click", function () {
    var s = stepAt(now);
    toStep(now > drill.steps[s] + 0.05 ? s : s - 1);
  });
  el("next").addEventListener("click", function () {
    var s = stepAt(now);
    if (s + 1 < drill.steps.length) toStep(s + 1); else { setPlaying(false); go(drill.seconds); }
  });
  el("time").addEventListener("input", function () { el("ask").hidden = true; setPlaying(false); go(el("time").value / 1000 * drill.seconds); });
  el("role").addEventListener("change", function () {
    if (quiz) { setPlaying(false); stopQuiz(); }
    mine = el("role").value;
    dress();
    show();
  });
  el("chapter").addEventListener("change", function () {
    toChapter(el("chapter").value);
  });
  document.querySelectorAll(".chapter").forEach(function (b) {
    b.addEventListener("click", function () {
      toChapter(b.getAttribute("data-chapter"));
      document.querySelector(".stage").scrollIntoView({block: "start"});
    });
  });
  el("path").addEventListener("change", function () { setPlaying(false); take(+el("path").value, now); });
  document.querySelectorAll(".go").forEach(function (b) {
    b.addEventListener("click", function () { toStep(+b.parentNode.getAttribute("data-step")); });
  });
  // a swipe over the picture turns to the next step or the one before
  var down = null;
  el("board").addEventListener("pointerdown", function (e) { down = [e.clientX, e.clientY]; });
  el("board").addEventListener("pointerup", function (e) {
    if (!down) return;
    var dx = e.clientX - down[0], dy = e.clientY - down[1];
    down = null;
    if (Math.abs(dx) > 40 && Math.abs(dx) > 1.5 * Math.abs(dy)) el(dx < 0 ? "next" : "back").click();
  });
  window.addEventListener("resize", function () { orient(); show(); });
  document.addEventListener("keydown", function (e) {
    if (/SELECT|INPUT|BUTTON/.test(e.target.tagName)) return;
    if (e.key === " ") { e.preventDefault(); setPlaying(!playing); }
    if (e.key === "ArrowRight") el("next").click();
    if (e.key === "ArrowLeft") el("back").click();
  });
  setOut();
  dress();
  show();
  if (calm) el("speed").value = "0.5";
})();
