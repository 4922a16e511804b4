document.addEventListener("alpine:init", () => {
  const PANEL = 210;
  const TOP = 34;
  const GAP = 46;
  const SHAPES = ["circle", "rect", "triangle", "diamond"];

  /* Draws the measures under one another on one axis of days; the library is fetched where a chart stands. */
  Alpine.data("trendCharts", () => ({
    problem: "",
    data: null,
    chart: null,
    async init() {
      try {
        const wanted = new URLSearchParams(location.search).getAll("measure").map((id) => `measure=${encodeURIComponent(id)}`).join("&");
        const [answer] = await Promise.all([fetch(`${this.$root.dataset.from}?${wanted}`), import(this.$root.dataset.script)]);
        if (!answer.ok) {
          throw new Error(answer.statusText);
        }
        this.data = await answer.json();
        this.chart = this.drawOn(this.$root.querySelector(".trend-drawing"), "svg");
        addEventListener("resize", () => this.chart.resize());
      } catch {
        this.problem = "The charts could not be drawn; the tables below hold everything. Open the page again to try once more.";
      }
    },
    drawOn(place, renderer) {
      const height = TOP + this.data.charts.length * (PANEL + GAP);
      const chart = echarts.init(place, null, { renderer, height, width: renderer === "canvas" ? 1200 : undefined });
      chart.setOption(this.option());
      return chart;
    },
    colour(token) {
      const probe = document.createElement("span");
      probe.className = `probe-${token}`;
      this.$root.append(probe);
      const found = getComputedStyle(probe).color;
      probe.remove();
      return found;
    },
    option() {
      const ink = this.colour("ink");
      const quiet = this.colour("quiet");
      const charts = this.data.charts;
      return {
        animation: false,
        textStyle: { fontFamily: "Atkinson Hyperlegible Next, sans-serif", color: ink },
        tooltip: { trigger: "item", renderMode: "richText", confine: true },
        axisPointer: { link: [{ xAxisIndex: "all" }] },
        title: charts.map((one, at) => ({ text: one.title, left: 8, top: TOP + at * (PANEL + GAP) - 26, textStyle: { fontSize: 13, color: ink } })),
        grid: charts.map((one, at) => ({ left: 52, right: 150, top: TOP + at * (PANEL + GAP), height: PANEL - 20 })),
        xAxis: charts.map((one, at) => ({ type: "time", gridIndex: at, min: this.first(), max: this.last(), axisLabel: { color: quiet }, axisLine: { lineStyle: { color: quiet } } })),
        yAxis: charts.map((one, at) => ({ type: "value", gridIndex: at, scale: true, minInterval: one.unit ? 0 : 1, name: one.unit, nameTextStyle: { color: quiet }, axisLabel: { color: quiet }, splitLine: { lineStyle: { color: this.colour("hairline") } } })),
        series: charts.flatMap((one, at) => this.seriesOf(one, at)),
      };
    },
    dates() {
      return this.data.charts.flatMap((one) => one.series.flatMap((series) => series.points.map((point) => point.on)));
    },
    first() {
      return [...this.dates(), this.data.today].sort()[0];
    },
    last() {
      const ahead = this.data.charts.flatMap((one) => one.goals.flatMap((goal) => [goal.latest, goal.expected])).filter(Boolean);
      return [...this.dates(), ...ahead, this.data.today].sort().pop();
    },
    seriesOf(one, at) {
      const onAxis = { xAxisIndex: at, yAxisIndex: at };
      const drawn = one.series.flatMap((series, nth) => this.readings(series, nth, one, onAxis));
      const corridor = this.corridor(one, onAxis);
      const line = one.line ? [{ ...onAxis, type: "line", name: "robust line", showSymbol: false, silent: true, lineStyle: { type: "dashed", width: 2, color: this.colour("today") }, data: [[one.line.from, one.line.start], [one.line.to, one.line.end]] }] : [];
      return [corridor, ...drawn, ...line];
    },
    corridor(one, onAxis) {
      const phases = this.data.phases.map((phase) => ({ name: phase.title, xAxis: phase.from })).filter((phase) => phase.xAxis >= this.first());
      const bands = this.data.phases.map((phase, nth) => [{ xAxis: phase.from < this.first() ? this.first() : phase.from, itemStyle: { color: this.colour("quiet"), opacity: nth % 2 ? .08 : 0 } }, { xAxis: this.data.phases[nth + 1]?.from || this.last() }]);
      const goals = one.goals.map((goal) => ({ name: goal.title, yAxis: goal.value }));
      const ahead = one.goals.filter((goal) => goal.earliest).map((goal) => [{ xAxis: goal.earliest, itemStyle: { color: this.colour("today"), opacity: .14 } }, { xAxis: goal.latest || this.last() }]);
      const expected = one.corridor.map((band) => [{ coord: [band.from, band.low] }, { coord: [band.to, band.high] }]);
      return {
        ...onAxis, type: "line", name: "expected", data: [], silent: true,
        markArea: { silent: true, itemStyle: { color: this.colour("way"), opacity: .14 }, label: { show: false }, data: [...bands, ...expected, ...ahead] },
        markLine: { silent: true, symbol: "none", label: { formatter: (mark) => mark.name, color: this.colour("quiet"), position: "insideEndTop", fontSize: 11 }, lineStyle: { color: this.colour("quiet"), type: "dotted" }, data: [...phases, ...goals, { name: "today", xAxis: this.data.today, lineStyle: { color: this.colour("today"), type: "solid" } }] },
      };
    },
    readings(series, nth, one, onAxis) {
      const colour = series.operated ? this.colour("way") : this.colour("quiet");
      const points = series.points.map((point) => ({
        value: [point.on, point.value],
        itemStyle: point.strict ? { color: colour } : { color: this.colour("surface"), borderColor: colour, borderWidth: 2 },
        tooltip: { formatter: `${one.title}, ${series.name}\n${point.said} on ${point.day}\n${point.strict ? "strict" : "compensated, does not count"}, ${point.rater}` },
      }));
      const drawn = { ...onAxis, type: "line", name: series.name, symbol: SHAPES[nth % SHAPES.length], symbolSize: 8, lineStyle: { color: colour, width: series.operated ? 2 : 1, type: series.mode === "active" ? "dashed" : "solid" }, data: points, endLabel: { show: true, formatter: series.name, color: colour, fontSize: 11 } };
      const bars = { ...onAxis, type: "line", name: "error", showSymbol: false, silent: true, tooltip: { show: false }, lineStyle: { color: colour, width: 1, opacity: .6 }, data: series.operated ? series.points.filter((point) => point.strict && point.error > 0).flatMap((point) => [[point.on, point.value - point.error], [point.on, point.value + point.error], [point.on, null]]) : [] };
      return [bars, drawn];
    },
    save(href, name) {
      const link = document.createElement("a");
      link.href = href;
      link.download = name;
      link.click();
    },
    saveSvg() {
      this.save(`data:image/svg+xml;charset=utf-8,${encodeURIComponent(this.chart.renderToSVGString())}`, "trends.svg");
    },
    savePng() {
      const place = document.createElement("div");
      const drawn = this.drawOn(place, "canvas");
      this.save(drawn.getDataURL({ type: "png", pixelRatio: 2, backgroundColor: this.colour("surface") }), "trends.png");
      drawn.dispose();
    },
  }));
});
