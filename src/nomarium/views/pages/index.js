"use strict";
(() => {
  const text = document.getElementById("text");
  const count = document.getElementById("count");
  const rows = [...document.querySelectorAll("ul.calendars > li")];
  document.querySelector(".controls").hidden = false;
  const filter = () => {
    const words = text.value.toLowerCase().split(/\s+/).filter(Boolean);
    let shown = 0;
    for (const row of rows) {
      const name = row.querySelector(".page").textContent.toLowerCase();
      row.hidden = !words.every((word) => name.includes(word));
      shown += row.hidden ? 0 : 1;
    }
    for (const section of document.querySelectorAll("section.kind")) {
      section.hidden = !section.querySelector("li:not([hidden])");
    }
    count.textContent = words.length ? `${shown} of ${rows.length}` : "";
  };
  text.addEventListener("input", filter);
  document.addEventListener("keydown", (event) => {
    if (event.key === "/" && event.target !== text) {
      event.preventDefault();
      text.focus();
    }
  });
})();
