"use strict";
(() => {
  const data = JSON.parse(document.getElementById("data").textContent);
  const weekdays = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];
  const months = ["January", "February", "March", "April", "May", "June", "July", "August", "September",
    "October", "November", "December"];
  const shown = document.getElementById("shown");
  const span = document.getElementById("span");
  const text = document.getElementById("text");
  const boxes = [...document.querySelectorAll("[data-calendar]")];
  const several = data.calendars.length > 1;

  // Days are reckoned in UTC, so that no change of the clock touches them.
  const dayOf = (iso) => new Date(`${iso}T00:00:00Z`);
  const isoOf = (day) => day.toISOString().slice(0, 10);
  const plus = (iso, days) => isoOf(new Date(dayOf(iso).getTime() + days * 86400000));
  const weekday = (iso) => (dayOf(iso).getUTCDay() + 6) % 7;
  const weekOf = (iso) => plus(iso, -((weekday(iso) - data.weekStart + 7) % 7));
  const monthOf = (iso) => `${iso.slice(0, 7)}-01`;
  const now = new Date();
  const two = (number) => String(number).padStart(2, "0");
  const today = `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
  const inWords = (iso) => `${weekdays[weekday(iso)]} ${Number(iso.slice(8))} ${months[iso.slice(5, 7) - 1]} ${iso.slice(0, 4)}`;
  const clock = (minute) => `${Math.floor(minute / 60)}:${two(minute % 60)}`;

  const state = { view: "month", day: today >= data.first && today <= data.last ? today : data.first };
  let wanted = () => true;

  const element = (name, attributes = {}, ...children) => {
    const made = document.createElement(name);
    for (const [key, value] of Object.entries(attributes)) {
      if (value !== undefined && value !== "") made.setAttribute(key, value);
    }
    made.append(...children.filter((child) => child !== undefined));
    return made;
  };

  const setFilter = () => {
    const words = text.value.toLowerCase().split(/\s+/).filter(Boolean);
    const off = new Set(boxes.filter((box) => !box.checked).map((box) => Number(box.dataset.calendar)));
    wanted = (event) => {
      const own = event.c ?? [0];
      if (own.every((place) => off.has(place))) return false;
      const said = `${event.t} ${event.p ?? ""} ${event.d ?? ""}`.toLowerCase();
      return words.every((word) => said.includes(word));
    };
  };

  const partsOf = (iso) => (data.days[iso] ?? []).filter((part) => wanted(data.events[part[0]]));

  const timeOf = (part, iso) => {
    const event = data.events[part[0]];
    if (part.length > 1) {
      const [, start, end] = part;
      if (event.s.slice(0, 10) < iso) return `until ${clock(end)}`;
      if (event.e.slice(0, 10) > iso && end === 1440) return `from ${clock(start)}`;
      return start === end ? clock(start) : `${clock(start)}–${clock(end)}`;
    }
    const first = event.s.slice(0, 10);
    const days = Math.max(1, Math.ceil((new Date(`${event.e}Z`) - dayOf(first)) / 86400000));
    return days === 1 ? "all day" : `day ${Math.round((dayOf(iso) - dayOf(first)) / 86400000) + 1} of ${days}`;
  };

  const calendarOf = (event) => (event.c ?? [0])[0] % 8;

  const eventElement = (name, part, iso, short) => {
    const event = data.events[part[0]];
    const own = event.c ?? [0];
    const mark = several
      ? element("b", { class: "letter", title: own.map((place) => data.calendars[place]).join(", ") }, own.map((place) => data.letters[place]).join(" "))
      : undefined;
    const words = event.x === "cancelled" ? "cancelled: " : event.x === "perhaps" ? "perhaps: " : "";
    const said = `${words}${event.t}`;
    const title = element("span", { class: "title", dir: "auto" }, event.u && !short ? element("a", { href: event.u, rel: "noopener noreferrer" }, said) : said);
    const place = event.p ? element("span", { class: "place", dir: "auto" }, event.p) : undefined;
    const full = [timeOf(part, iso), said, event.p, event.d].filter(Boolean).join("\n");
    const made = element(name, { class: `event c${calendarOf(event)}${event.x ? ` ${event.x}` : ""}`, title: short ? full : undefined },
      element("span", { class: "time" }, short ? timeOf(part, iso).split("–")[0] : timeOf(part, iso)), " ", ...(mark ? [mark, " "] : []), title, ...(place ? [" ", place] : []));
    if (!short && event.d) made.append(element("p", { class: "more", dir: "auto" }, event.d));
    return made;
  };

  const headOf = (iso, words) => {
    const [said, school] = data.facts[iso] ?? ["", true];
    const head = element("time", { class: "head", datetime: iso, "data-weekday": `${weekdays[weekday(iso)]} ` }, words);
    if (iso === today) head.append(element("span", { class: "now" }, " today"));
    return [head, said ? element("small", {}, said) : undefined, school];
  };

  const dayAttributes = (iso, extra) => {
    const [, school] = data.facts[iso] ?? ["", true];
    const classes = ["date", extra, school ? "" : "closed", iso === today ? "today" : ""].filter(Boolean).join(" ");
    return { class: classes, "aria-current": iso === today ? "date" : undefined };
  };

  const MOST = 6;
  const monthView = () => {
    const first = monthOf(state.day);
    const next = monthOf(plus(first, 31));
    const head = element("tr");
    let day = weekOf(first);
    for (let place = 0; place < 7; place++) head.append(element("th", { scope: "col" }, weekdays[weekday(plus(day, place))]));
    const body = element("tbody");
    const found = new Set();
    while (day < next) {
      const row = element("tr");
      for (let place = 0; place < 7; place++, day = plus(day, 1)) {
        const iso = day;
        const parts = partsOf(iso);
        const [name, said] = headOf(iso, String(Number(iso.slice(8))));
        const cell = element("td", { ...dayAttributes(iso, iso.slice(0, 7) === first.slice(0, 7) ? "" : "outside") }, name, said);
        if (iso >= first && iso < next) parts.forEach((part) => found.add(part[0]));
        if (parts.length) {
          const list = element("ul");
          for (const part of parts.slice(0, parts.length > MOST ? MOST - 1 : MOST)) list.append(eventElement("li", part, iso, true));
          cell.append(list);
          if (parts.length > MOST) {
            const more = element("button", { type: "button", class: "rest" }, `+${parts.length - MOST + 1} more`);
            more.addEventListener("click", () => go("agenda", iso));
            cell.append(more);
          }
        } else {
          cell.classList.add("empty");
        }
        row.append(cell);
      }
      body.append(row);
    }
    return [`${months[first.slice(5, 7) - 1]} ${first.slice(0, 4)}`, element("table", { class: "month" }, element("thead", {}, head), body), found.size];
  };

  const weekView = () => {
    const first = weekOf(state.day);
    const days = [0, 1, 2, 3, 4, 5, 6].map((place) => plus(first, place))
      .filter((iso) => weekday(iso) < 5 || partsOf(iso).length || iso === today);
    const timed = days.flatMap((iso) => partsOf(iso).filter((part) => part.length > 1));
    const opens = Math.floor(Math.min(480, ...timed.map((part) => part[1])) / 60);
    const closes = Math.ceil(Math.max(opens * 60 + 480, ...timed.map((part) => part[2])) / 60);
    const board = element("div", { class: "week" });
    board.style.setProperty("--days", days.length);
    // Of a long day, hours in which nothing is on are low.
    const depths = [0];
    for (let hour = opens; hour < closes; hour++) {
      const taken = timed.some((part) => part[1] < (hour + 1) * 60 && Math.max(part[2], part[1] + 1) > hour * 60);
      depths.push(depths[hour - opens] + (taken || closes - opens <= 10 ? 1 : 0.3));
    }
    const depth = (minute) => {
      const hour = Math.min(Math.floor(minute / 60) - opens, closes - opens - 1);
      return depths[hour] + (depths[hour + 1] - depths[hour]) * (minute / 60 - opens - hour);
    };
    board.style.setProperty("--hours", depths[closes - opens].toFixed(3));
    const hours = element("div", { class: "hours", "aria-hidden": "true" });
    for (let hour = opens; hour <= closes; hour++) {
      const mark = element("span", {}, `${hour}:00`);
      mark.style.setProperty("--at", depths[hour - opens].toFixed(3));
      hours.append(mark);
    }
    board.append(hours);
    const found = new Set();
    for (const iso of days) {
      const [name, said] = headOf(iso, `${weekdays[weekday(iso)]} ${Number(iso.slice(8))} ${months[iso.slice(5, 7) - 1].slice(0, 3)}`);
      const section = element("section", dayAttributes(iso, "column"), element("h3", {}, name, ...(said ? [" ", said] : [])));
      const parts = partsOf(iso);
      parts.forEach((part) => found.add(part[0]));
      const whole = element("ul", { class: "whole" });
      const list = element("ul", { class: "blocks" });
      for (const part of parts) {
        const made = eventElement("li", part, iso, true);
        made.querySelector(".time").textContent = timeOf(part, iso);
        if (part.length > 1) {
          const [, start, end, lane, lanes] = part;
          made.style.setProperty("--from", depth(start).toFixed(3));
          made.style.setProperty("--long", Math.max(depth(end) - depth(start), 0.33).toFixed(3));
          made.style.setProperty("--lane", lane);
          made.style.setProperty("--lanes", lanes);
          list.append(made);
        } else {
          whole.append(made);
        }
      }
      section.append(whole, list);
      board.append(section);
    }
    return [`${inWords(days[0])} to ${inWords(days[days.length - 1])}`, board, found.size];
  };

  const WEEKS = 4;
  const agendaView = () => {
    const list = element("div", { class: "agenda" });
    const every = text.value.trim() !== "";
    const end = plus(state.day, 7 * WEEKS);
    const found = new Set();
    for (const iso of Object.keys(data.days).sort()) {
      const parts = every || (iso >= state.day && iso < end) ? partsOf(iso) : [];
      if (!parts.length) continue;
      parts.forEach((part) => found.add(part[0]));
      const [name, said] = headOf(iso, inWords(iso));
      const events = element("ul");
      for (const part of parts) events.append(eventElement("li", part, iso, false));
      const section = element("section", dayAttributes(iso, "day"), element("h3", {}, name, ...(said ? [" ", said] : [])), events);
      list.append(section);
    }
    return [every ? "All days" : `Four weeks from ${inWords(state.day)}`, list, found.size];
  };

  const views = { month: monthView, week: weekView, agenda: agendaView };

  const draw = () => {
    const [title, made, count] = views[state.view]();
    span.textContent = title;
    document.getElementById("count").textContent = count === 1 ? "1 event" : count ? `${count} events` : "Nothing is on.";
    shown.replaceChildren(made);
    for (const button of document.querySelectorAll("button[data-view]")) {
      button.setAttribute("aria-pressed", String(button.dataset.view === state.view));
    }
    document.body.dataset.view = state.view;
  };

  const go = (view, day) => {
    state.view = view;
    state.day = day;
    history.replaceState(null, "", `#${view}/${day}`);
    draw();
  };

  const step = (by) => {
    if (by === 0) return go(state.view, today);
    if (state.view === "month") return go("month", by > 0 ? monthOf(plus(monthOf(state.day), 31)) : monthOf(plus(monthOf(state.day), -1)));
    if (state.view === "week") return go("week", plus(weekOf(state.day), 7 * by));
    return go("agenda", plus(state.day, 7 * WEEKS * by));
  };

  const fromAddress = () => {
    const [view, day] = location.hash.slice(1).split("/");
    if (views[view] && /^\d{4}-\d\d-\d\d$/.test(day ?? "") && !Number.isNaN(dayOf(day).getTime())) Object.assign(state, { view, day });
  };

  for (const hidden of document.querySelectorAll(".controls, .legend")) hidden.hidden = false;
  for (const button of document.querySelectorAll("button[data-view]")) button.addEventListener("click", () => go(button.dataset.view, state.day));
  for (const button of document.querySelectorAll("[data-go]")) button.addEventListener("click", () => step(Number(button.dataset.go)));
  for (const box of boxes) box.addEventListener("change", () => { setFilter(); draw(); });
  text.addEventListener("input", () => { setFilter(); draw(); });
  document.getElementById("print").addEventListener("click", () => window.print());
  window.addEventListener("hashchange", () => { fromAddress(); draw(); });
  document.addEventListener("keydown", (event) => {
    if (event.target.closest("input") || event.ctrlKey || event.metaKey || event.altKey) return;
    const keys = { m: () => go("month", state.day), w: () => go("week", state.day), a: () => go("agenda", state.day), t: () => step(0),
      ArrowLeft: () => step(-1), ArrowRight: () => step(1), "/": () => text.focus() };
    if (keys[event.key]) {
      event.preventDefault();
      keys[event.key]();
    }
  });
  setFilter();
  fromAddress();
  draw();
})();
