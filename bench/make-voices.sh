#!/usr/bin/env bash
# Makes the speech with known phone times that the bench commands need:
#   bench/make-voices.sh            bench/sentences.txt by the free voices of flite, plain, slower, faster and as 64 kbit/s MP3,
#                                   into bench/target/voices*, for "./kite bench accuracy"
#   bench/make-voices.sh training   other sentences (bench/training-sentences.txt: verses of the King James Bible and words of the
#                                   dictionary by chance) by flite and Festival into bench/target/training, for
#                                   "./kite bench train-boundaries"
#   bench/make-voices.sh songs      every fourth of bench/sentences.txt sung by two voices of Festival (bench/sing.scm) into bench/target/songs,
#                                   for "./kite bench songs"
#   bench/make-voices.sh languages  bench/languages/*.txt by espeak-ng into bench/target/languages, for "./kite bench languages"
#   bench/make-voices.sh common-words  frequent words of eight languages with their sounds by espeak-ng into bench/target/languages, for
#                                   "./kite bench common-words"
#   bench/make-voices.sh words      words that people recorded one by one, in seven languages, into bench/target/words and
#                                   bench/target/single-words, for "./kite bench joined" and "shut-mouths"
#   bench/make-voices.sh people     phrases that people recorded, in three languages, into bench/target/people, for "./kite bench people"
#   bench/make-voices.sh announcements  sentences and words that people recorded for telephones, in four languages, into
#                                   bench/target/announcements, for "./kite bench people", "joined" and "doubts"
#   bench/make-voices.sh actors     lines that Dutch actors speak into bench/target/actors, for "./kite bench inexact"
# Needs Debian's flite, sox and ffmpeg, for training festival with festvox-kdlpc16k and festvox-us-slt-hts, for songs festival with
# festvox-kallpc16k and festvox-kdlpc16k, and espeak-ng.
set -euo pipefail
cd "$(dirname "$0")"

speak() { # folder, voice, number, sentence, flite options
  local stem=target/$1/$2-$3
  flite -voice "$2" "${@:5}" -psdur -t "$4" "$stem.wav" > "$stem.psdur"
  printf '%s\n' "$4" > "$stem.txt"
}

voices() {
  mkdir -p target/voices target/voices-slow target/voices-fast target/voices-mp3
  local number=0 id
  while read -r sentence; do
    number=$((number + 1))
    id=$(printf '%03d' $number)
    for voice in slt rms awb kal16; do
      speak voices $voice "$id" "$sentence"
      speak voices-slow $voice "$id" "$sentence" --setf duration_stretch=1.2
      speak voices-fast $voice "$id" "$sentence" --setf duration_stretch=0.8
      cp "target/voices/$voice-$id.txt" "target/voices/$voice-$id.psdur" target/voices-mp3/
      ffmpeg -loglevel error -nostdin -y -i "target/voices/$voice-$id.wav" -b:a 64k "target/voices-mp3/$voice-$id.mp3"
    done
  done < sentences.txt
  echo "$number sentences by four voices in bench/target/voices, -slow, -fast and -mp3"
}

training() {
  mkdir -p target/training
  local number=0 id stem
  while read -r sentence; do
    number=$((number + 1))
    id=$(printf '%03d' $number)
    for voice in slt rms awb kal16; do speak training $voice "$id" "$sentence"; done
    for voice in ked:voice_ked_diphone slthts:voice_cmu_us_slt_arctic_hts; do
      stem=target/training/${voice%%:*}-$id
      festival -b "(${voice#*:})" "(set! u (SynthText \"${sentence//\"/}\"))" \
        "(utt.save.wave u \"$stem.wav\" 'riff)" "(utt.save.segs u \"$stem.seg\")"
      segments "$stem" "$sentence"
    done
  done < training-sentences.txt
  echo "$number sentences by six voices in bench/target/training"
}

# What Festival said, in the words and times that flite prints.
segments() { # path without ending, sentence
  awk 'NF == 3 { printf "%s:%s ", $3, $1 }' "$1.seg" > "$1.psdur"
  printf '%s\n' "$2" > "$1.txt"
}

songs() {
  mkdir -p target/songs
  local number=0 stem
  while read -r sentence; do
    number=$((number + 1))
    if [ $((number % 4)) != 1 ]; then continue; fi
    for voice in kal:voice_kal_diphone ked:voice_ked_diphone; do
      stem=target/songs/${voice%%:*}-$(printf '%03d' $number)
      festival -b "(${voice#*:})" '(load "sing.scm")' "(sing \"${sentence//\"/}\" \"$stem\")"
      segments "$stem" "$sentence"
    done
  done < sentences.txt
  echo "songs by two voices in bench/target/songs"
}

languages() {
  mkdir -p target/languages
  local language number stem
  for file in languages/*.txt; do
    language=$(basename "$file" .txt)
    number=0
    voice=$language
    if [ "$language" = pt ]; then voice=pt-br; fi
    while read -r sentence; do
      number=$((number + 1))
      stem=target/languages/$language-$number
      espeak-ng -v "$voice" -w "$stem.wav" "$sentence"
      espeak-ng -v "$voice" -q --ipa "$sentence" | tr -d '\n' > "$stem.ipa"
      printf '%s\n' "$sentence" > "$stem.txt"
    done < "$file"
  done
  echo "sentences in ten languages in bench/target/languages"
}

# The 2,000 most frequent words of texts in a language, each with how often it stands there and how espeak-ng says it:
# sayings (Debian's fortunes-*), in French manuals, in Dutch and Swedish what is said in a game (fillets-ng-data).
common_words() {
  local language voice package folder out
  mkdir -p target/languages
  for language in fr de es it nl pl pt sv; do
    voice=$language
    case $language in
      nl | sv) package=fillets-ng-data ;;
      fr) package=manpages-fr ;;
      pt) package=fortunes-br voice=pt-br ;;
      es) package=fortunes-es voice=es-419 ;;
      *) package=fortunes-$language ;;
    esac
    folder=$(mktemp -d)
    (cd "$folder" && apt-get download "$package" && dpkg-deb -x "$package"_*.deb .)
    out=target/languages/$language-words
    find "$folder" -type f \( -path '*games/fortunes*' -o -path '*/man/*' -o -name "dialogs_$language.lua" \) ! -name '*.dat' -print0 |
      xargs -0 zcat -f | iconv -c -f utf-8 -t utf-8 | sed "s/’/'/g; /^[.']/d; /^dialogId/d; s/^dialogStr//; s/\\\\[^ ]*//g" |
      LC_ALL=C.UTF-8 grep -oE "[[:alpha:]]+('[[:alpha:]]+)*" | LC_ALL=C.UTF-8 sed 's/.*/\L&/' |
      sort | uniq -c | sort -k1,1nr -k2 | awk 'length($2) > 1 && n++ < 2000 { print $2 "\t" $1 }' > "$out.counts"
    cut -f 1 "$out.counts" | sed 's/$/./' > "$folder/words"
    espeak-ng -v "$voice" -q --ipa -f "$folder/words" | sed 's/^ *//; /^$/d' > "$folder/ipa"
    paste "$out.counts" "$folder/ipa" > "$out.tsv"
    rm -r "$folder" "$out.counts"
  done
  echo "common words of eight languages in bench/target/languages"
}

# Words that people recorded one by one for a game for children, by another speaker in each language (Debian's ktuberling-data, GPL 2+;
# nothing is trained on them). The English files are named after what is said; the others' words are in single-words/*.tsv, German ones
# that might be called otherwise left out. The French speaker says articles that nothing tells, so French is left out.
words() {
  local folder language sound name text
  folder=$(mktemp -d)
  (cd "$folder" && apt-get download ktuberling-data && dpkg-deb -x ktuberling-data_*.deb .)
  mkdir -p target/words
  cp "$folder"/usr/share/ktuberling/sounds/en/*.ogg target/words/
  for language in de es it nl pt sv; do
    mkdir -p "target/single-words/$language"
    while IFS=$'\t' read -r name text; do
      sound=$(echo "$folder/usr/share/ktuberling/sounds/$language/$name".*)
      cp "$sound" "target/single-words/$language/"
      printf '%s\n' "$text" > "target/single-words/$language/$name.txt"
    done < "single-words/$language.tsv"
  done
  rm -r "$folder"
  echo "words in bench/target/words and bench/target/single-words"
}

# Phrases that people recorded, with what they say: stamps of a painting program for children, each described by a voice, in
# English, French and Spanish (Debian's tuxpaint-stamps-default).
people() {
  local folder language line sound text out
  folder=$(mktemp -d)
  (cd "$folder" && apt-get download tuxpaint-stamps-default && dpkg-deb -x tuxpaint-stamps-default_*.deb .)
  for language in en fr es; do
    mkdir -p "target/people/$language"
    find "$folder" -name "*_desc$([ $language = en ] || echo "_$language").ogg" | sort | while read -r sound; do
      text=${sound%_desc*}.txt
      if [ ! -f "$text" ]; then continue; fi
      if [ $language = en ]; then line=$(head -1 "$text"); else line=$(sed -n "s/^$language.utf8=//p" "$text" | head -1); fi
      # What is written in figures or brackets may be spoken in more ways than one.
      case "$line" in "" | *[0-9\(\$]*) continue ;; esac
      # The English speaker leaves out the article that is written.
      if [ $language = en ]; then line=${line#A }; line=${line#An }; fi
      # The French speaker says the names of letters alone, where "La lettre K." is written.
      if [ $language = fr ]; then case "$line" in "La lettre "?.) line=${line#La lettre } ;; esac; fi
      out=target/people/$language/$(basename "${sound%.ogg}")
      cp "$sound" "$out.ogg"
      printf '%s\n' "$line" > "$out.txt"
    done
  done
  rm -r "$folder"
  echo "phrases by people in bench/target/people"
}

# Announcements of telephones, each with its words: one speaker a language, English and Spanish the same (Debian's
# asterisk-core-sounds-*, CC-BY-SA 3.0; the layer that tells phones is learnt from them, so it is under the same
# licence; rules were made with the English ones in view).
announcements() {
  local folder language sound name line out
  folder=$(mktemp -d)
  for language in en es fr it; do
    (cd "$folder" && apt-get download asterisk-core-sounds-$language asterisk-core-sounds-$language-g722 &&
      for package in asterisk-core-sounds-"$language"*.deb; do dpkg-deb -x "$package" .; done)
    mkdir -p "target/announcements/$language"
    zcat "$folder/usr/share/doc/asterisk-core-sounds-$language/core-sounds-$language.txt.gz" > "$folder/$language.txt"
    (cd "$folder"/usr/share/asterisk/sounds/${language}_* && find . -name '*.g722') | sort | while read -r sound; do
      name=${sound#./}
      name=${name%.g722}
      line=$(sed -n "s|^$name: *||p" "$folder/$language.txt" | head -1)
      # What is written in figures, single letters or brackets may be spoken in more ways than one, and some letters were lost.
      case "$line" in "" | ? | *[0-9\(\[\<?\"\$#*/]* | *"�"*) continue ;; esac
      out=target/announcements/$language/${name//\//-}
      ffmpeg -loglevel error -nostdin -y -i "$folder"/usr/share/asterisk/sounds/${language}_*/"$name.g722" "$out.wav"
      printf '%s\n' "$line" > "$out.txt"
    done
  done
  rm -r "$folder"
  echo "announcements in bench/target/announcements"
}

# Lines that Dutch actors speak in a game, with effects and exclamations, each with its words (Debian's fillets-ng-data-nl and
# fillets-ng-data, GPL 2+; nothing is trained on them).
actors() {
  local folder room script sound name line
  folder=$(mktemp -d)
  (cd "$folder" && apt-get download fillets-ng-data fillets-ng-data-nl &&
    for package in fillets-ng-data*.deb; do dpkg-deb -x "$package" .; done)
  mkdir -p target/actors/nl
  for script in "$folder"/usr/share/games/fillets-ng/script/*/dialogs_nl.lua; do
    room=$(basename "$(dirname "$script")")
    sed -n 's/^dialogId("\([^"]*\)".*/\1/p; s/^dialogStr("\(.*\)")$/\t\1/p' "$script" | sed '/^\t/!{N;s/\n//}' |
      while IFS=$'\t' read -r name line; do
        sound="$folder/usr/share/games/fillets-ng/sound/$room/nl/$name.ogg"
        case "$line" in "" | *[0-9\\]*) continue ;; esac
        if [ ! -f "$sound" ]; then continue; fi
        cp "$sound" "target/actors/nl/$room-$name.ogg"
        printf '%s\n' "$line" > "target/actors/nl/$room-$name.txt"
      done
  done
  rm -r "$folder"
  echo "lines by actors in bench/target/actors"
}

case "${1:-voices}" in
  voices) voices ;;
  training) training ;;
  songs) songs ;;
  languages) languages ;;
  common-words) common_words ;;
  words) words ;;
  people) people ;;
  announcements) announcements ;;
  actors) actors ;;
  *) echo "make-voices.sh [voices | training | songs | languages | common-words | words | people | announcements | actors]" >&2; exit 2 ;;
esac
