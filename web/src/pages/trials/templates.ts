/** Questions that many farms ask, to begin with. */
export const templates = [
  {
    question: 'When to roll rye ahead of beans',
    ways: ['rolled at flowering', 'rolled at dough', 'killed early'],
  },
  {
    question: 'How to seed: which way stands better',
    ways: ['drilled', 'flown', 'broadcast and worked in'],
  },
  {
    question: 'How late may rye stand ahead of corn',
    ways: ['killed two weeks before', 'planted green'],
  },
  { question: 'Which cover, seeded when', ways: ['rye early', 'rye late', 'rye and vetch early'] },
  { question: 'How much seed pays', ways: ['half rate', 'full rate', 'rate and a half'] },
  {
    question: 'Interseeding with and without side-dress',
    ways: ['interseeded', 'interseeded with side-dress', 'no cover'],
  },
  { question: 'Does feeding the cover pay', ways: ['fed', 'not fed'] },
]
