package wildchalk.core.squad;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FirstNamesTest {

    private static List<String> called(String... names) {
        Squad squad = new Squad(
                new SquadId("s"),
                "S",
                List.of(),
                IntStream.range(0, names.length)
                        .mapToObj(i -> Player.named(new PlayerId("p" + i), names[i]))
                        .toList(),
                List.of(),
                List.of());
        return FirstNames.of(squad).players().stream().map(Player::name).toList();
    }

    @Test
    void nobodyHasMoreThanAFirstName() {
        assertEquals(List.of("Ada", "Bo"), called("Ada Lind", "  Bo   van der Marsh "));
    }

    @Test
    void whoSharesItHasALetterMore() {
        assertEquals(List.of("Ada L.", "Ada Ø.", "Bo"), called("Ada Lind", "Ada Østby", "Bo Marsh"));
        assertEquals(List.of("Ada", "Ada M."), called("Ada", "Ada Marsh"));
    }

    @Test
    void aNameThatIsOneSignStaysWhole() {
        assertEquals(List.of("😀 😁.", "😀"), called("😀 😁x", "😀"));
    }
}
