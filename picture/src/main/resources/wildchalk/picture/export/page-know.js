  // ---- know your part: where you run, and when; the score stays on this phone ----
  function mark(name, p) {
    var c = document.createElementNS("http://www.w3.org/2000/svg", "circle");
    c.setAttribute("class", name);
    c.setAttribute("r", 14);
    c.setAttribute("cx", p[0]);
    c.setAttribute("cy", p[1]);
    el("board").appendChild(c);
  }
  function unmark() { document.querySelectorAll(".tapped,.true").forEach(function (c) { c.remove(); }); }
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
      var box = tell(label("know-ready", quiz.k + 1, runs.length)), b = document.createElement("button");
      b.type = "button"; b.id = "know-go"; b.textContent = labels["know-go"];
      b.addEventListener("click", function () {
        quiz.waits = true;
        tell(labels["know-tap"]);
        setPlaying(true);
        el("ask").hidden = false;
      });
      box.appendChild(b);
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
  el("know").addEventListener("click", function () {
    if (quiz) { setPlaying(false); stopQuiz(); } else startQuiz();
  });
  el("board").addEventListener("click", function (e) {
    if (!quiz || !quiz.waits) return;
    var m = el("board").getScreenCTM();
    if (!m) return;
    quiz.judge(metres([(e.clientX - m.e) / m.a, (e.clientY - m.f) / m.d]));
  });
