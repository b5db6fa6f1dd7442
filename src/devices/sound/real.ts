import { Frequency, Gain, getContext, getTransport, Offline, Synth, start } from 'tone';
import { lastsOf, type Sound, type Voice } from '@/core/play/performance';
import type { SoundDevice, Sounding } from './device';

/** How loud each voice is, in decibels: all together stay under −6 dBFS, and the first note is a soft one. */
const LOUDNESS: Readonly<Record<Voice, number>> = {
  ...{ note: -12.5, count: -15, drone: -22, chord: -27, cue: Number.NEGATIVE_INFINITY },
};

/** Seconds until the first sound, in which all is made ready; after the last one, in which it fades; and to fall silent. */
const BEFORE = 0.12;
const AFTER = 0.3;
const FALL = 0.015;

/** Notes that sound at once in a chord. */
const AT_ONCE = 4;

/** Milliseconds after which what was stopped is put away, and nothing runs on. */
const SILENT_AFTER = 500;

const RATE = 44_100;

/** One thing that sounds by itself: a line of notes, the beats that are counted, or one note held under them. */
function makeSynth(voice: Voice, output: Gain): Synth {
  const held = voice === 'drone' || voice === 'chord';
  return new Synth({
    volume: LOUDNESS[voice],
    oscillator: { type: 'triangle' },
    envelope: {
      ...{ attack: held ? 0.2 : 0.008, decay: 0.12, sustain: voice === 'count' ? 0 : 0.7 },
      release: held ? 0.25 : 0.06,
    },
  }).connect(output);
}

/** The voices of some sounds, and how each of them is made to sound at a time. */
function voicesOf(sounds: readonly Sound[], output: Gain) {
  const [counts, notes] = [makeSynth('count', output), makeSynth('note', output)];
  const drones = new Map(
    sounds.flatMap((each) => (each.voice === 'drone' ? [[each, makeSynth('drone', output)] as const] : [])),
  );
  const chord = sounds.filter(({ voice }) => voice === 'chord');
  const inChord = chord.length > 0 ? Array.from({ length: AT_ONCE }, () => makeSynth('chord', output)) : [];
  const chords = new Map(chord.map((each, at) => [each, inChord[at % AT_ONCE]]));
  const all = [counts, notes, ...drones.values(), ...inChord];
  const synthOf = (each: Sound) => {
    switch (each.voice) {
      case 'note':
        return notes;
      case 'count':
        return counts;
      case 'drone':
        return drones.get(each);
      case 'chord':
        return chords.get(each);
      case 'cue':
        return undefined;
    }
  };
  const sound = (each: Sound, time: number) => {
    const synth = synthOf(each);
    synth?.triggerAttackRelease(Frequency(each.midi, 'midi').toFrequency(), each.lasts, time);
  };
  return { all, sound };
}

/** What sounds now, so that something else stops it. */
let now: Sounding | null = null;

/** Sound by the browser's own means. */
export const REAL_SOUND: SoundDevice = {
  play: async (sounds, onBegin, onEnd) => {
    now?.stop();
    await start();
    const context = getContext();
    const output = new Gain(1).toDestination();
    const from = context.currentTime + BEFORE;
    const { all, sound } = voicesOf(sounds, output);
    // Only what comes next is laid out, so that what is stopped has nothing left to end.
    const transport = getTransport();
    transport.cancel();
    for (const each of sounds) transport.schedule((time) => sound(each, time), each.at);
    transport.start(from, 0);
    const shown = sounds.filter(({ note, cue }) => note !== null || cue);
    const end = from + lastsOf(sounds) + AFTER;
    let next = 0;
    let frame = 0;
    const own: Sounding = {
      stop: () => {
        if (now !== own) return;
        now = null;
        cancelAnimationFrame(frame);
        transport.stop().cancel();
        // At once, and not when what is laid out ahead would come.
        output.gain.rampTo(0, FALL, context.currentTime);
        for (const each of all) each.triggerRelease(context.currentTime);
        setTimeout(() => {
          for (const each of [...all, output]) each.dispose();
          // Nothing runs on while nothing is heard.
          if (now === null) void (context.rawContext as AudioContext).suspend();
        }, SILENT_AFTER);
      },
    };
    const look = () => {
      const at = context.currentTime - from;
      for (let due = shown[next]; due && due.at <= at; due = shown[next]) {
        onBegin(due);
        next += 1;
      }
      if (context.currentTime < end) frame = requestAnimationFrame(look);
      else {
        own.stop();
        onEnd();
      }
    };
    now = own;
    frame = requestAnimationFrame(look);
    return own;
  },
  record: async (sounds) => {
    const heard = await Offline(
      () => {
        const { sound } = voicesOf(sounds, new Gain(1).toDestination());
        for (const each of sounds) sound(each, each.at);
      },
      lastsOf(sounds) + AFTER,
      1,
      RATE,
    );
    return { samples: heard.getChannelData(0), rate: RATE };
  },
};
