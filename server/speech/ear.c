/*
 * The ear: hears one call at a time through libpocketsphinx, and is spoken to over pipes.
 *
 *   ear ACOUSTIC-MODEL DICTIONARY GENERAL-MODEL NAME=SHARE=ARPA-FILE...
 *   ear --words GENERAL-MODEL COUNT
 *
 * Each named model is mixed with the general one, so that words of everyday English that the house never uses are heard
 * too; SHARE is the general one's weight beside it, "0" leaves it out, and "1" hears by it alone. With --words the
 * commonest words of the general model are told, one a line.
 *
 * Standard input holds frames: one letter, four bytes of length (little endian), and so many bytes.
 *   S name     an utterance begins, heard with the language model of that name
 *   A samples  16 kHz, 16 bit, one channel, little endian
 *   H          what has been heard so far is asked for
 *   E          the utterance ends
 *   X          the utterance is let go: nothing of it is told
 * Standard output holds one line of JSON for each S, H and E:
 *   {"is":"begun"}
 *   {"is":"so-far","frames":120,"words":[["book",12,40]]}
 *   {"is":"heard","frames":250,"words":[["book",12,40,0.98]],"others":["look a massage"]}
 * Words carry their first and last frame (10 ms each) and, once heard to the end, how sure they are (0 to 1, the
 * posterior over the word lattice). "ready" is told once when the models are loaded; "fault" with the reason.
 */
#include <math.h>
#include <pocketsphinx.h>
#include <sphinxbase/err.h>
#include <sphinxbase/ngram_model.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

enum { MOST_BYTES = 1 << 20, MOST_OTHERS = 12 };

static void tell_text(const char *s)
{
    putchar('"');
    for (; *s; s++) {
        if (*s == '"' || *s == '\\')
            putchar('\\');
        if ((unsigned char)*s >= 32)
            putchar(*s);
    }
    putchar('"');
}

static int fault(const char *why)
{
    printf("{\"is\":\"fault\",\"why\":");
    tell_text(why);
    printf("}\n");
    fflush(stdout);
    return 1;
}

static int is_filler(const char *word)
{
    return word[0] == '<' || word[0] == '[' || word[0] == '+';
}

static void tell_words(ps_decoder_t *ps, int sure)
{
    int first = 1;
    printf("\"words\":[");
    for (ps_seg_t *seg = ps_seg_iter(ps); seg; seg = ps_seg_next(seg)) {
        char word[200];
        int from, to;
        snprintf(word, sizeof word, "%s", ps_seg_word(seg));
        ps_seg_frames(seg, &from, &to);
        if (is_filler(word))
            continue;
        /* A second pronunciation is written word(2). */
        char *variant = strchr(word, '(');
        if (variant && variant != word)
            *variant = 0;
        printf("%s[", first ? "" : ",");
        tell_text(word);
        printf(",%d,%d", from, to);
        if (sure) {
            int32 score = ps_seg_prob(seg, NULL, NULL, NULL);
            double p = logmath_exp(ps_get_logmath(ps), score);
            printf(",%.2f", p > 1 ? 1 : p);
        }
        printf("]");
        first = 0;
    }
    printf("]");
}

static void tell_others(ps_decoder_t *ps)
{
    int told = 0;
    printf(",\"others\":[");
    for (ps_nbest_t *n = ps_nbest(ps); n; n = ps_nbest_next(n)) {
        const char *hyp = ps_nbest_hyp(n, NULL);
        if (told == MOST_OTHERS) {
            ps_nbest_free(n);
            break;
        }
        if (hyp) {
            printf("%s", told++ ? "," : "");
            tell_text(hyp);
        }
    }
    printf("]");
}

static int read_exactly(void *to, size_t bytes)
{
    return fread(to, 1, bytes, stdin) == bytes;
}

struct common {
    int32 score;
    const char *word;
};

static int by_score(const void *a, const void *b)
{
    int32 x = ((const struct common *)a)->score, y = ((const struct common *)b)->score;
    return x < y ? 1 : x > y ? -1 : 0;
}

static int tell_common_words(const char *path, int count)
{
    logmath_t *log = logmath_init(1.0001, 0, 0);
    ngram_model_t *general = ngram_model_read(NULL, path, NGRAM_AUTO, log);
    if (!general)
        return fault("the general language model cannot be read");
    int all = ngram_model_get_counts(general)[0];
    struct common *list = calloc(all, sizeof *list);
    for (int i = 0; i < all; i++) {
        list[i].word = ngram_word(general, i);
        list[i].score = ngram_ng_score(general, i, NULL, 0, &(int32){ 0 });
    }
    qsort(list, all, sizeof *list, by_score);
    for (int i = 0; i < all && count > 0; i++)
        if (list[i].word && !is_filler(list[i].word)) {
            puts(list[i].word);
            count--;
        }
    return 0;
}

/** The house's model mixed with the general one; NULL where it cannot be read. */
static ngram_model_t *mixed(cmd_ln_t *config, logmath_t *log, const char *path, ngram_model_t *general, float32 share)
{
    ngram_model_t *own = ngram_model_read(config, path, NGRAM_AUTO, log);
    if (!own || share <= 0)
        return own;
    static char *names[] = { "house", "general" };
    ngram_model_t *both[] = { own, ngram_model_retain(general) };
    float32 weights[] = { 1 - share, share };
    ngram_model_t *set = ngram_model_set_init(config, both, names, weights, 2);
    if (set)
        ngram_model_set_interp(set, (const char **)names, weights);
    return set;
}

int main(int argc, char **argv)
{
    err_set_logfp(NULL);
    if (argc == 4 && !strcmp(argv[1], "--words"))
        return tell_common_words(argv[2], atoi(argv[3]));
    if (argc < 5)
        return fault("usage: ear ACOUSTIC-MODEL DICTIONARY GENERAL-MODEL NAME=SHARE=ARPA-FILE...");
    cmd_ln_t *config = cmd_ln_init(NULL, ps_args(), TRUE, "-hmm", argv[1], "-dict", argv[2], "-logfn", "/dev/null", "-bestpath", "yes", "-fwdflat", "no", "-maxhmmpf",
                                   "6000", NULL);
    ps_decoder_t *ps = config ? ps_init(config) : NULL;
    if (!ps)
        return fault("the acoustic model or the dictionary cannot be read");
    logmath_t *log = ps_get_logmath(ps);
    ngram_model_t *general = ngram_model_read(config, argv[3], NGRAM_AUTO, log);
    if (!general)
        return fault("the general language model cannot be read");
    for (int i = 4; i < argc; i++) {
        char *weight = strchr(argv[i], '=');
        char *path = weight ? strchr(weight + 1, '=') : NULL;
        if (!path)
            return fault("a language model is given as NAME=SHARE=FILE");
        *weight++ = *path++ = 0;
        float32 share = atof(weight);
        ngram_model_t *model = share >= 1 ? ngram_model_retain(general) : mixed(config, log, path, general, share);
        if (!model || ps_set_lm(ps, argv[i], model) != 0)
            return fault("a language model cannot be read");
    }
    printf("{\"is\":\"ready\"}\n");
    fflush(stdout);

    static unsigned char body[MOST_BYTES + 1];
    int open = 0;
    for (;;) {
        unsigned char head[5];
        if (!read_exactly(head, 5))
            return 0;
        uint32_t bytes = head[1] | head[2] << 8 | head[3] << 16 | (uint32_t)head[4] << 24;
        if (bytes > MOST_BYTES)
            return fault("a frame is too long");
        if (!read_exactly(body, bytes))
            return 0;
        body[bytes] = 0;
        switch (head[0]) {
        case 'S':
            if (open)
                ps_end_utt(ps);
            if (ps_set_search(ps, (const char *)body) != 0)
                return fault("there is no such language model");
            ps_start_utt(ps);
            open = 1;
            printf("{\"is\":\"begun\"}\n");
            break;
        case 'A':
            if (open)
                ps_process_raw(ps, (const int16 *)body, bytes / 2, FALSE, FALSE);
            break;
        case 'H':
            printf("{\"is\":\"so-far\",\"frames\":%d,", open ? ps_get_n_frames(ps) : 0);
            if (open)
                tell_words(ps, 0);
            else
                printf("\"words\":[]");
            printf("}\n");
            break;
        case 'E':
        case 'X':
            if (open)
                ps_end_utt(ps);
            if (head[0] == 'E') {
                printf("{\"is\":\"heard\",\"frames\":%d,", open ? ps_get_n_frames(ps) : 0);
                if (open) {
                    ps_get_hyp(ps, NULL);
                    tell_words(ps, 1);
                    tell_others(ps);
                } else
                    printf("\"words\":[],\"others\":[]");
                printf("}\n");
            }
            open = 0;
            break;
        default:
            return fault("a frame of an unknown kind");
        }
        fflush(stdout);
    }
}
