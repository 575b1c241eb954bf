// Handouts, one after the other. All that is set comes as data, and text in it is never markup.
#let all = json(bytes(sys.inputs.data))
#set document(title: all.documents.first().title)

// One of them, the `nth` copy of all, with pages of its own.
#let handout(data, nth) = [
#let large = data.large
#let size = if large { 18pt } else { 11pt }
// Nothing is set in a face that is not one of these.
#let others = ("Noto Sans", "Noto Sans Hebrew", "JetBrains Mono", "Atkinson Hyperlegible Next")
#let faces = ("Atkinson Hyperlegible Next",) + others
#let serif = ("Fraunces",) + others
#let mono = ("JetBrains Mono",) + others

#set page(
  paper: data.paper,
  margin: (x: 15mm, top: 15mm, bottom: 18mm),
  footer: context [
    #set text(size: 8pt)
    #grid(columns: (1fr, auto), gutter: 12pt,
      block(height: 1.3em, clip: true, data.title),
      [#counter(page).display() #data.of #counter(page).at(label("end-" + str(nth))).first()])
  ],
)
#set text(font: faces, size: size, lang: data.lang, fallback: false)
#set par(leading: 0.55em, spacing: 0.75em, justify: false)
#set list(spacing: 0.6em)
#set enum(spacing: 0.6em)
#show heading: set text(font: serif, weight: 600)
#show heading: set block(above: 1.3em, below: 0.6em)
#show heading.where(level: 1): set text(size: 2.1 * size)
#show heading.where(level: 2): set text(size: 1.45 * size)
#show heading.where(level: 3): set text(size: 1.15 * size)

#let width = if data.paper == "a4" { 210mm - 30mm } else { 8.5in - 30mm }
#let tallest = 225pt
#let gap = 14pt

// A picture no wider than it may be, and no taller than what a page can spare.
#let picture(p, most) = {
  let wide = calc.min(most, tallest * p.width / p.height)
  image(bytes(p.svg), format: "svg", alt: p.alt, width: wide)
}

// How many pictures stand beside each other so that their words can still be read.
#let abreast(pictures, most) = {
  let least = calc.max(..pictures.map(p => p.least)) * 1pt
  calc.max(1, calc.min(most, calc.floor((width + gap) / (least + gap))))
}

#let box-to-tick = box(width: 0.85em, height: 0.85em, baseline: 0.1em, stroke: 0.8pt)
#let ticked(body) = grid(columns: (1.6em, 1fr), box-to-tick, body)

#let runs(all) = all.map(r => {
  let body = if r.text == "\n" { linebreak() } else { r.text }
  if r.bold { body = strong(body) }
  if r.italic { body = emph(body) }
  if r.href != "" { body = link(r.href, underline(body)) }
  body
}).join()

#let noted(parts) = for part in parts {
  if part.kind == "paragraph" { par(runs(part.runs)) } else {
    let items = part.items.map(item => item.map(runs).join(linebreak()))
    if part.kind == "bullets" { list(..items) } else { enum(..items) }
  }
}

#let terms-of(lines, names) = for (term, says) in lines {
  block(breakable: false, spacing: 0.55em, grid(
    columns: (if large { 32% } else { 24% }, 1fr), gutter: 10pt,
    text(weight: "bold", font: if names { mono } else { faces }, size: if names { 0.9em } else { 1em }, term),
    says,
  ))
}

// Rows of pictures with their words, each row in one piece unless much is said.
#let in-rows(cells, across, whole: true) = for row in cells.chunks(across) {
  block(breakable: not whole, above: 0.9em, grid(columns: (1fr,) * across, gutter: gap, align: top, ..row))
}

// `level`: of headings inside a section, one below that of its title.
#let show-block(b, level) = {
  if b.kind == "heading" { heading(level: level, b.text) }
  else if b.kind == "text" {
    if b.tone == "strong" { par(strong(b.text)) }
    else if b.tone == "quiet" { par(text(size: 0.92em, b.text)) }
    else if b.tone == "sentence" { par(text(font: mono, size: 0.88em, b.text)) }
    else { par(b.text) }
  }
  else if b.kind == "note" {
    if b.aside { block(stroke: (left: 2pt), inset: (left: 8pt, y: 2pt), noted(b.parts)) } else { noted(b.parts) }
  }
  else if b.kind == "list" {
    if b.ticks { for item in b.items { block(breakable: false, spacing: 0.6em, ticked(item)) } } else { list(..b.items) }
  }
  else if b.kind == "picture" {
    let wide = calc.min(width * 0.36, b.picture.width * (if large { 1.2pt } else { 0.8pt }))
    // A large one is as wide as its words ask for.
    if b.large { wide = calc.min(width * 0.62, calc.max(width * 0.42, b.picture.least * 1pt)) }
    block(breakable: false, grid(
      columns: (auto, 1fr), gutter: 16pt, align: (top, horizon),
      picture(b.picture, wide),
      grid(columns: (auto, 1fr), column-gutter: 10pt, row-gutter: 0.45em,
        ..b.facts.enumerate().map(((i, fact)) => (
          fact.at(0),
          if i < b.names { text(font: mono, weight: 500, size: 0.95em, fact.at(1)) } else { fact.at(1) },
        )).flatten()),
    ))
  }
  else if b.kind == "photo" {
    block(breakable: false, image(b.path, alt: b.alt, width: calc.min(width, tallest * b.width / b.height)))
  }
  else if b.kind == "moves" {
    heading(level: level, b.title)
    let across = abreast(b.frames.map(f => f.picture), if large { 2 } else { 3 })
    let each = (width - gap * (across - 1)) / across
    let said(i, f) = text(size: 0.9em)[#if i > 0 [*#i.* ]#f.caption]
    if across == 1 {
      // Alone in its row, a picture is as wide as its words ask for, and what is said stands beside it.
      let least = calc.max(..b.frames.map(f => f.picture.least)) * 1pt
      let wide = calc.min(width * 0.7, calc.max(least, width * 0.5))
      for (i, f) in b.frames.enumerate() {
        block(breakable: false, above: 0.9em, grid(
          columns: (wide, 1fr), gutter: gap, align: (top, horizon), picture(f.picture, wide), said(i, f),
        ))
      }
    } else {
      in-rows(b.frames.enumerate().map(((i, f)) => [
        #picture(f.picture, each)
        #v(0.35em, weak: true)
        #said(i, f)
      ]), across)
    }
  }
  else if b.kind == "comparison" {
    let across = if b.sides.any(s => s.wide) { abreast(b.sides.map(s => s.picture), 2) } else { calc.min(3, b.sides.len()) }
    let each = (width - gap * (across - 1)) / across
    in-rows(whole: b.sides.all(s => s.moves.len() <= 6), b.sides.map(s => [
      #block(breakable: false, sticky: true)[
        #picture(s.picture, if s.wide { each } else { calc.min(each, s.picture.width * 0.75pt) })
        #v(0.35em, weak: true)
        *#s.title* \
        #s.says
      ]
      #if s.moves.len() > 0 { set text(size: 0.9em); enum(tight: true, ..s.moves) }
    ]), across)
  }
  else if b.kind == "chart" {
    v(0.7em, weak: true)
    for part in b.parts {
      let wide = calc.min(width, part.width * b.cell * 1pt)
      block(spacing: 0pt, image(bytes(part.svg), format: "svg", alt: part.alt, width: wide))
    }
    v(0.8em, weak: true)
  }
  else if b.kind == "rows" {
    for (i, row) in b.rows.enumerate() {
      // What is said between rows heads those after it.
      if row.remark { block(sticky: i + 1 < b.rows.len(), emph(row.text)) } else {
        let words = if row.label == "" { text(font: mono, size: 0.88em, row.text) } else [*#row.label:* #row.text]
        block(breakable: false, spacing: 0.5em, ticked(words))
      }
    }
    if b.counter.len() > 0 {
      let across = if large { 12 } else { 20 }
      block(sticky: true, above: 1em, below: 0.4em)[Rows finished:]
      for row in b.counter.chunks(across) {
        block(breakable: false, spacing: 0pt, grid(
          columns: (width / across,) * across,
          ..row.map(n => box(width: 100%, stroke: 0.6pt, inset: 3pt, align(center, text(size: 0.8em, str(n))))),
        ))
      }
      v(0.8em, weak: true)
    }
  }
  else if b.kind == "table" {
    if b.title != "" { heading(level: 2, b.title) }
    // What is short stays in one piece; what is longer than that breaks between its lines.
    let letters = b.lines.map(l => l.at(0).len() + l.at(1).len()).sum(default: 0)
    block(breakable: b.lines.len() > 12 or letters > (if large { 350 } else { 800 }), terms-of(b.lines, b.names))
  }
  else if b.kind == "caution" {
    block(breakable: false, stroke: (left: 2pt + rgb("#9a5b00")), inset: (left: 8pt, y: 2pt), text(size: 0.92em, b.text))
  }
  else if b.kind == "questions" {
    for (i, q) in b.questions.enumerate() {
      block(breakable: false, above: 1.5em, {
        par(strong[#(i + 1). #q.asks])
        for line in q.lines { par(line) }
        if "picture" in q { picture(q.picture, calc.min(width * 0.6, q.picture.width * 0.75pt)) }
        let cells = q.options.map(o => grid(
          columns: (auto, 1fr), gutter: 6pt, align: (top, top),
          strong(o.letter),
          if "picture" in o { picture(o.picture, calc.min(width / 5, o.picture.width * 0.5pt)) } else { o.label },
        ))
        v(0.6em, weak: true)
        grid(columns: (1fr,) * (if q.options.any(o => "picture" in o) { 4 } else { 2 }), gutter: 0.5em, ..cells)
      })
    }
    block(breakable: false, above: 1.4em, width: 100%, align(right, rotate(180deg, reflow: true, text(size: 0.85em, b.answers))))
  }
  else { panic("no such block: " + b.kind) }
}

#counter(page).update(1)
#heading(level: 1, outlined: true, data.title)
#for section in data.sections {
  if section.title != "" { heading(level: 2, section.title) }
  for b in section.blocks { show-block(b, if section.title != "" { 3 } else { 2 }) }
}
#metadata(none) #label("end-" + str(nth))
]

#for (nth, which) in all.copies.enumerate() { handout(all.documents.at(which), nth) }
