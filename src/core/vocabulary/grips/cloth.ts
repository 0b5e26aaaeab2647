import type { Grip } from '../types';

export const clothGrips: readonly Grip[] = [
  { id: 'sleeve-grip', name: 'sleeve grip', uniform: 'gi', sided: true, target: 'same-side sleeve', aliases: ['cuff grip'], heardAs: ['slave grip', 'sleep grip'] },
  { id: 'cross-sleeve-grip', name: 'cross sleeve grip', uniform: 'gi', sided: true, target: 'opposite sleeve', aliases: ['cross sleeve', 'cross cuff'], heardAs: ['cross sleep'] },
  { id: 'cross-collar-grip', name: 'cross collar grip', uniform: 'gi', sided: true, target: 'opposite lapel, deep', aliases: ['deep cross lapel'], heardAs: ['cross color'] },
  { id: 'lapel-grip-high', name: 'same-side collar grip, high', uniform: 'gi', sided: true, target: 'same-side collar near the neck', aliases: ['lapel grip high', 'high lapel grip', 'high collar'], heardAs: ['hi caller'] },
  { id: 'lapel-grip-low', name: 'same-side lapel grip, low', uniform: 'gi', sided: true, target: 'lapel at the chest', aliases: ['lapel grip low', 'low lapel'], heardAs: ['low label'] },
  { id: 'double-lapel-grip', name: 'both lapels', uniform: 'gi', sided: false, target: 'both lapels', aliases: ['double lapel'], heardAs: [] },
  { id: 'jacket-tail-grip', name: 'jacket tail grip', uniform: 'gi', sided: true, target: 'tail of the jacket', aliases: ['lapel tail'], heardAs: ['jacket tale'] },
  { id: 'lapel-feed', name: 'lapel fed under or round', uniform: 'gi', sided: true, target: 'own or their lapel passed through', aliases: ['lapel wrap'], heardAs: ['label feed'] },
  { id: 'pant-grip-knee', name: 'trouser grip at the knee', uniform: 'gi', sided: true, target: 'trouser at the knee', aliases: ['knee grip'], heardAs: ['pan grip'] },
  { id: 'pant-grip-cuff', name: 'trouser grip at the cuff', uniform: 'gi', sided: true, target: 'trouser hem', aliases: ['ankle cloth grip'], heardAs: ['pant cup'] },
  { id: 'belt-grip', name: 'belt grip', uniform: 'gi', sided: true, target: 'belt, over or under the back', aliases: ['over-back grip'], heardAs: ['bell grip'] },
  { id: 'spider-hook', name: 'foot in the biceps', uniform: 'gi', sided: true, target: 'biceps with the sleeve held', aliases: ['spider foot'], heardAs: ['spied a hook'] },
];
