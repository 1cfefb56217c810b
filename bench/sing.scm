;;; Sings sentences with a voice of Festival: vowels held three times as long as they would be spoken, on a note each, with a vibrato of two per
;;; cent at five and a half hertz (common practice), consonants as they are spoken. Asked for by make-voices.sh.

(define held 3)
(define notes '(131 147 165 175 196 175 165 147))
(define vibrato 0.02)
(define vibrato_hertz 5.5)
(define step 0.03)
(define note 0)

(define (vowel? segment)
  (string-equal (item.feat segment "ph_vc") "+"))

(define (hold utt)
  "Moves the ends of all segments, so that vowels last longer."
  (let ((before 0.0) (now 0.0))
    (mapcar
     (lambda (segment)
       (let ((end (item.feat segment "end")))
         (set! now (+ now (* (- end before) (if (vowel? segment) held 1))))
         (set! before end)
         (item.set_feat segment "end" now)))
     (utt.relation.items utt 'Segment))
    utt))

(define (wave hertz from at end)
  "Pitch from a time to another, as pairs of time and hertz."
  (if (> at end)
      nil
      (cons (list at (* hertz (+ 1 (* vibrato (sin (* 6.2832 vibrato_hertz (- at from)))))))
            (wave hertz from (+ at step) end))))

(define (on_note utt syllable)
  (let ((from (item.feat syllable "syllable_start")) (end (item.feat syllable "syllable_end")))
    (set! note (+ note 1))
    (wave (nth (% note (length notes)) notes) from from end)))

(define (sing text stem)
  (let ((utt (eval (list 'Utterance 'Text text))))
    (Initialize utt)
    (Text utt) (Token_POS utt) (Token utt) (POS utt) (Phrasify utt) (Word utt) (Pauses utt) (Intonation utt) (PostLex utt)
    (Duration utt)
    (hold utt)
    (set! note 0)
    (Parameter.set 'Int_Target_Method 'General)
    (set! int_general_params (list (list 'targ_func on_note)))
    (Int_Targets utt)
    (Wave_Synth utt)
    (utt.save.wave utt (string-append stem ".wav") 'riff)
    (utt.save.segs utt (string-append stem ".seg"))))
