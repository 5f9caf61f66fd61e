  // ---- what is not as it was when somebody looked last ----
  (function () {
    var key = "wildchalk-seen " + document.title, seen = {}, told = [];
    document.querySelectorAll(".hour li").forEach(function (li) {
      var b = li.querySelector("b");
      if (b) seen["hour " + b.textContent] = [b.textContent, li.textContent];
    });
    document.querySelectorAll(".told").forEach(function (d) {
      var p = whole.plays[+d.getAttribute("data-play")];
      var option = Array.prototype.filter.call(el("chapter").options, function (o) { return o.value === p.chapter; })[0];
      d.querySelectorAll("li[data-step]").forEach(function (li) {
        var go = li.querySelector(".go b");
        seen[p.chapter + " " + p.path + " " + li.getAttribute("data-step")] =
          [(option && whole.plays.length > 1 ? option.textContent + ", " : "") + (go ? go.textContent : ""), li.textContent];
      });
    });
    var before = null;
    try { before = JSON.parse(kept(key)); } catch (unreadable) { before = null; }
    if (before) {
      Object.keys(seen).forEach(function (k) {
        if (before[k] !== seen[k][1] && told.indexOf(seen[k][0]) < 0) told.push(seen[k][0]);
      });
      if (told.length) {
        el("changed").textContent = label("changed", told.slice(0, 6).join("; ") + (told.length > 6 ? " …" : ""));
        el("changed").hidden = false;
      }
    }
    var now = {};
    Object.keys(seen).forEach(function (k) { now[k] = seen[k][1]; });
    kept(key, JSON.stringify(now));
  })();
