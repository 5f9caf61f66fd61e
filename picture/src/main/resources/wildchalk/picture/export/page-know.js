  // ---- know your part: where you run, and when; the score stays on this phone ----
  function mark(name, p) {
    var c = document.createElementNS("http://www.w3.org/2000/svg", "circle");
    c.setAttribute("class", name);
    c.setAttribute("r", 14);
    c.setAttribute("cx", p[0]);
    c.setAttribute("cy", p[1]);
    el("board").appendChild(c);
  }
  function unmark() { document.querySelectorAll(".tapped,.true,.aim").forEach(function (c) { c.remove(); }); }
  function metres(p) {
    return frame.standing
      ? [(frame.y - p[1]) / frame.pixelsPerMetre, (frame.x - p[0]) / frame.pixelsPerMetre]
      : [(p[0] - frame.x) / frame.pixelsPerMetre, (frame.y - p[1]) / frame.pixelsPerMetre];
  }
  // full marks within so much, none from so much on
  function share(off, full, none) { return Math.max(0, Math.min(1, (none - off) / (none - full))); }
  function startQuiz() {
    var list = mine === "" ? [] : drill.roles[mine].runs, runs = [];
    for (var i = 0; i < list.length; i += 4) runs.push({start: list[i], end: list[i + 1], at: [list[i + 2], list[i + 3]]});
    if (!runs.length) { tell(labels[mine === "" ? "know-choose" : "know-nothing"]); return; }
    runs.sort(function (a, b) { return a.start - b.start; });
    quiz = {k: -1, points: 0, waits: false, tapped: true};
    // nobody sees himself run before he has said where to
    quiz.seen = function (t) { return quiz.waits ? Math.min(t, quiz.from) : t; };
    quiz.next = function () {
      quiz.k++;
      quiz.tapped = false;
      quiz.from = quiz.k < runs.length
        ? Math.max(quiz.k > 0 ? Math.min(runs[quiz.k - 1].end, runs[quiz.k].start) : 0, runs[quiz.k].start - 2) : Infinity;
    };
    quiz.tick = function () {
      if (quiz.k < runs.length && !quiz.waits && now >= quiz.from) {
        now = quiz.from;
        show();
        setPlaying(false);
        unmark();
        ready();
        return true;
      }
      if (quiz.waits && now > runs[quiz.k].end + 1.5) quiz.judge(null);
      return false;
    };
    quiz.judge = function (p) {
      var run = runs[quiz.k], said = labels["know-missed"];
      if (p) {
        var off = Math.hypot(p[0] - run.at[0], p[1] - run.at[1]), late = now - run.start;
        quiz.points += 50 * share(off, 1, 6) + 50 * share(Math.abs(late), 0.5, 2.5);
        said = label("know-off", off.toFixed(1)) + ", " + (Math.abs(late) <= 0.5 ? labels["know-on-time"]
          : label(late < 0 ? "know-early" : "know-late", Math.abs(late).toFixed(1)));
        mark("tapped", pixels(p));
      }
      mark("true", pixels(run.at));
      quiz.waits = false;
      aim = null;
      document.querySelectorAll(".aim").forEach(function (c) { c.remove(); });
      quiz.next();
      tell(said);
    };
    quiz.end = function () {
      if (quiz.waits) quiz.judge(null);
      var score = Math.round(quiz.points / runs.length), key = "wildchalk-part " + document.title + " " + drill.chapter + " " + mine;
      var best = Math.max(score, +kept(key) || 0);
      kept(key, String(best));
      stopQuiz();
      tell(label("know-score", score) + " " + label("know-best", best));
    };
    function ready() {
      var box = tell(label("know-ready", quiz.k + 1, runs.length) + (keys ? " " + labels["know-keys"] : "")), b = document.createElement("button");
      b.type = "button"; b.id = "know-go"; b.textContent = labels["know-go"];
      b.addEventListener("click", function () {
        quiz.waits = true;
        tell(labels["know-tap"]);
        setPlaying(true);
        el("ask").hidden = false;
      });
      box.appendChild(b);
      aim = pixels(place(drill.roles[mine].track, quiz.from));
      b.focus();
    }
    quiz.next();
    el("board").classList.add("practice");
    // the words would say it
    document.body.classList.add("asking");
    el("know").textContent = labels["know-stop"];
    el("know").setAttribute("aria-pressed", "true");
    setPlaying(false);
    go(0);
    setPlaying(true);
  }
  function stopQuiz() {
    quiz = null;
    aim = null;
    unmark();
    el("board").classList.remove("practice");
    document.body.classList.remove("asking");
    el("know").textContent = labels.know;
    el("know").setAttribute("aria-pressed", "false");
    el("ask").hidden = true;
    show();
  }
  function tell(words) {
    var box = el("ask"), p = document.createElement("p");
    box.textContent = "";
    p.textContent = words;
    box.appendChild(p);
    box.hidden = false;
    return box;
  }
  // by keys: the arrows put a mark where one runs to, and say where it lies; Enter sets off
  var aim = null, keys = window.matchMedia && matchMedia("(any-hover: hover)").matches;
  function aimAt(p) {
    var own = pixels(place(drill.roles[mine].track, quiz.from)), box = el("ask"), said = el("know-aim");
    var across = (p[0] - own[0]) / frame.pixelsPerMetre, down = (p[1] - own[1]) / frame.pixelsPerMetre;
    aim = p;
    document.querySelectorAll(".aim").forEach(function (c) { c.remove(); });
    mark("aim", p);
    if (!said) {
      said = document.createElement("p");
      said.id = "know-aim";
      box.appendChild(said);
    }
    said.textContent = label("know-aim", label(across < 0 ? "know-left" : "know-right", Math.abs(across).toFixed(1)),
      label(down < 0 ? "know-up" : "know-down", Math.abs(down).toFixed(1)));
  }
  document.addEventListener("keydown", function (e) {
    var by = {ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1]}[e.key];
    if (!quiz || !aim || /SELECT|INPUT/.test(e.target.tagName)) return;
    if (by) {
      var far = (e.shiftKey ? 2 : 0.5) * frame.pixelsPerMetre;
      aimAt([aim[0] + by[0] * far, aim[1] + by[1] * far]);
    } else if (e.key === "Enter" && quiz.waits && !e.repeat) {
      quiz.judge(metres(aim));
    } else return;
    e.preventDefault();
    e.stopImmediatePropagation();
  }, true);
  el("know").addEventListener("click", function () {
    if (quiz) { setPlaying(false); stopQuiz(); } else startQuiz();
  });
  el("board").addEventListener("click", function (e) {
    if (!quiz || !quiz.waits) return;
    var m = el("board").getScreenCTM();
    if (!m) return;
    quiz.judge(metres([(e.clientX - m.e) / m.a, (e.clientY - m.f) / m.d]));
  });
