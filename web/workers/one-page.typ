// Handouts of one page for each cable, large ones of two. All that is set comes as data, and text in it is never markup.
#let all = json(bytes(sys.inputs.data))
#set document(title: all.documents.first().title)

#let paper-width(paper) = if paper == "a4" { 210mm } else { 8.5in }
#let margin = 14mm
#let gap = 8pt

// Nothing is set in a face that is not one of these.
#let others = ("Noto Sans", "Noto Sans Hebrew", "JetBrains Mono", "Atkinson Hyperlegible Next")
#let faces = ("Atkinson Hyperlegible Next",) + others
#let serif = ("Fraunces",) + others
#let mono = ("JetBrains Mono",) + others

#let picture(p, wide) = image(bytes(p.svg), format: "svg", alt: p.alt, width: wide)
#let box-to-tick = box(width: 0.8em, height: 0.8em, baseline: 0.08em, stroke: 0.7pt)
#let quiet(body) = text(size: 0.88em, body)

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

#let cable(p, width, size, large) = {
  let name = if p.name == none { none } else {
    text(font: mono, weight: 700, size: calc.min(30pt, 150pt / calc.max(4, p.name.clusters().len())) * (size / 10.5pt), p.name)
  }
  let ribbon-wide = calc.min(width * 0.2, 78pt * p.ribbon.width / p.ribbon.height * (size / 10.5pt))
  grid(columns: (auto, 1fr, ribbon-wide), gutter: 14pt, align: (horizon, horizon, top),
    if name != none { name },
    {
      // The name is the heading; the title says the same in words.
      heading(level: 2, p.title)
      for line in p.says { par(line) }
      if p.inHands != none { par(strong(p.inHands)) }
    },
    picture(p.ribbon, ribbon-wide))
  if p.sentence != none { par(text(font: mono, size: 0.84em, p.sentence)) }
  if p.beside != none { par(text(font: mono, size: 0.84em, lang: p.lang, p.beside)) }
}

#let moves(p, width, most) = {
  heading(level: 3, p.way)
  if p.refused != none { par(p.refused) }
  let each = (width - gap * (most - 1)) / most
  let cells = p.moves.enumerate().map(((i, m)) => block(width: each, breakable: false)[
    #picture(m.picture, each)
    #v(0.25em, weak: true)
    #quiet[*#(i + 1)* #m.says]
  ])
  for row in cells.chunks(most) { block(breakable: false, above: 0.6em, grid(columns: (each,) * row.len(), gutter: gap, align: top, ..row)) }
}

#let pattern(p) = {
  let r = p.rows
  if r == none {
    if p.rowsOn != none { heading(level: 3)[Rows]; par([Its rows are on page #p.rowsOn.]) }
    return
  }
  heading(level: 3)[Rows]
  par(quiet[#r.title. #r.says])
  grid(columns: (auto, auto, auto, 1fr), column-gutter: 9pt, row-gutter: 0.65em,
    ..r.rows.map(row => (
      range(r.times).map(_ => box-to-tick).join(h(2pt)),
      align(right, str(row.number)),
      row.side,
      {
        set text(font: mono, size: 0.84em, weight: if row.isCrossed { 700 } else { 400 })
        row.text
        if row.beside != none { linebreak(); text(weight: 400, lang: p.lang, row.beside) }
      },
    )).flatten())
}

#let mend-and-checks(p) = {
  let checks = p.checks.map(c => grid(columns: (1.4em, 1fr), box-to-tick, c))
  let cells = (
    ..if p.fault != none {([
      #heading(level: 3, p.fault.title)
      #par(p.fault.how)
      #enum(tight: true, ..p.fault.fix)
    ],)},
    ..if checks.len() > 0 {([
      #heading(level: 3)[Check]
      #stack(spacing: 0.6em, ..checks)
    ],)},
  )
  if cells.len() == 0 { return }
  block(above: 1em, grid(columns: if cells.len() == 2 { (1.7fr, 1fr) } else { (1fr,) }, gutter: 16pt, ..cells))
}

#let foot(p, code, size) = grid(columns: (1fr, auto), gutter: 14pt, align: (bottom, bottom),
  quiet(p.words.map(((term, says)) => [#text(font: mono, weight: 700, term) #says]).join([#h(0.8em)])),
  if code != none { grid(columns: (auto, auto), gutter: 8pt, align: (right + bottom, bottom), quiet(code.says), picture(code.picture, 5.2em)) })

#let body(p, width, size, across, large) = {
  set text(size: size)
  show heading: set text(font: serif, weight: 600)
  show heading: set block(above: 1em, below: 0.5em)
  show heading.where(level: 2): set text(size: 1.2em)
  show heading.where(level: 2): set block(above: 0pt, below: 0.5em)
  show heading.where(level: 3): set text(size: 1.1em)
  set par(leading: 0.5em, spacing: 0.6em, justify: false)
  cable(p, width, size, large)
  moves(p, width, across)
  pattern(p)
  mend-and-checks(p)
  if p.note != none { block(above: 1em, stroke: (left: 2pt), inset: (left: 8pt, y: 2pt), noted(p.note)) }
}

// As large as it fits: one page, or two in large print. What fits at no size goes on over further pages. Each size with
// how many pictures stand beside each other.
#let layouts(large) = if large { ((18pt, 2), (17pt, 2), (16pt, 2), (16pt, 3), (16pt, 4), (15pt, 4), (14pt, 4), (14pt, 5)) } else {
  ((11pt, 3), (10.5pt, 3), (10.5pt, 4), (10pt, 4), (9.5pt, 4), (9pt, 5), (8.5pt, 5), (8pt, 6))
}
#let gap-before-notes = 12pt
#let least-notes = 46pt

#let sheet(data, p, name, code) = {
  let large = data.large
  let width = paper-width(data.paper) - 2 * margin
  set text(font: faces, lang: data.lang, fallback: false, size: layouts(large).first().first())
  let head = heading(level: 1, outlined: true, {
    set text(font: serif, weight: 600, size: if large { 24pt } else { 18pt })
    block(width: 100%, below: 8pt, stroke: (bottom: 1pt), inset: (bottom: 6pt), grid(columns: if data.logo == none { (0pt, 1fr, auto) } else { (auto, 1fr, auto) }, column-gutter: (if data.logo == none { 0pt } else { 10pt }, 12pt), align: bottom,
      if data.logo != none { image(data.logo, height: if large { 30pt } else { 22pt }, alt: "Logo") },
      [#data.title #h(6pt) #box(text(font: faces, weight: 400, size: if large { 16pt } else { 10pt }, p.who))],
      text(font: faces, weight: 400, size: if large { 16pt } else { 10pt }, if name == "" { [Name #box(width: 9em, stroke: (bottom: 0.6pt), height: 1em)] } else { name }))
    )
  })
  layout(room => {
    let footer-of(size) = { set text(size: size); foot(p, code, size) }
    let free((size, across)) = {
      let high(content) = measure(width: room.width, content).height
      let used = high(head) + high(body(p, width, size, across, large)) + high(footer-of(size))
      (if large { 2 } else { 1 }) * room.height - used - gap-before-notes * 2
    }
    // Where a large one breaks, less than a picture's height is lost.
    let spare = if large { room.height * 0.2 } else { 0pt }
    let chosen = layouts(large).find(one => free(one) >= spare)
    let (size, across) = if chosen == none { layouts(large).last() } else { chosen }
    head
    body(p, width, size, across, large)
    let left = free((size, across))
    if not large and left >= least-notes {
      block(above: gap-before-notes, width: 100%, height: left, stroke: 0.6pt + luma(140), radius: 4pt, inset: 6pt, text(size: size, quiet[My notes]))
    }
    v(1fr)
    footer-of(size)
  })
}

#let pages = all.copies.map(copy => {
  let data = all.documents.at(copy.of)
  data.pages.map(p => (data, p, copy.name))
}).flatten().chunks(3)
#for (nth, (data, p, name)) in pages.enumerate() {
  page(paper: data.paper, margin: (x: margin, top: margin, bottom: 12mm), sheet(data, p, name, data.code))
}
