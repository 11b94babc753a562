import type { SellerQuestion } from '@/core/inspection';

/** What is asked, and what to listen for. */
export const SELLER_WORDS: Readonly<
  Record<SellerQuestion, { readonly ask: string; readonly listen: string }>
> = {
  'why-sold': { ask: 'Why is it for sale?', listen: 'a reason that fits the machine' },
  'how-long': {
    ask: 'How long have you had it, and how many before you?',
    listen: 'compare with the papers',
  },
  'how-ridden': {
    ask: 'Where and how was it ridden?',
    listen: 'compare with tyres, plate and pegs',
  },
  fallen: {
    ask: 'Has it been down, or in water?',
    listen: 'look at bar ends, levers, hangers, air box',
  },
  'last-service': {
    ask: 'When were oil, valves and fork done last, and by whom?',
    listen: 'ask for the bills',
  },
  replaced: {
    ask: 'What has been replaced?',
    listen: 'chain, bearings, seals, battery: what was not will be yours',
  },
  faults: { ask: 'What does not work as it should?', listen: 'silence is no answer' },
  'stock-parts': {
    ask: 'Are the stock parts there?',
    listen: 'exhaust, seat, mirrors, papers of what is fitted',
  },
  keys: { ask: 'All keys and both books?', listen: 'a missing key costs, and may say something' },
  owed: {
    ask: 'Is it paid for?',
    listen: 'finance stays with the machine in some countries: check before money moves',
  },
  lowest: { ask: 'What would you take today?', listen: 'then say nothing' },
};
