package hodeon.core.brief;

import java.time.ZoneId;
import java.util.regex.Pattern;

/** On which side of the equator a place lies. */
public enum Hemisphere {
    NORTH,
    SOUTH;

    /** Zones whose named city lies south of the equator (tz database, zone1970.tab). */
    private static final Pattern SOUTHERN = Pattern.compile("(?:Australia|Antarctica)/.*"
            + "|America/(?:Argentina/.*|Araguaina|Asuncion|Bahia|Belem|Buenos_Aires|Campo_Grande|Cuiaba|Eirunepe|Fortaleza|Guayaquil|La_Paz"
            + "|Lima|Maceio|Manaus|Montevideo|Noronha|Porto_Velho|Punta_Arenas|Recife|Rio_Branco|Santarem|Santiago|Sao_Paulo)"
            + "|Africa/(?:Blantyre|Brazzaville|Bujumbura|Dar_es_Salaam|Gaborone|Harare|Johannesburg|Kigali|Kinshasa|Luanda|Lubumbashi"
            + "|Lusaka|Maputo|Maseru|Mbabane|Nairobi|Windhoek)"
            + "|Indian/(?:Antananarivo|Chagos|Christmas|Cocos|Comoro|Mahe|Mauritius|Mayotte|Reunion|Kerguelen)"
            + "|Asia/(?:Dili|Jakarta|Jayapura|Makassar)|Atlantic/(?:South_Georgia|St_Helena|Stanley)"
            + "|Pacific/(?:Apia|Auckland|Bougainville|Chatham|Easter|Efate|Fakaofo|Fiji|Funafuti|Galapagos|Gambier|Guadalcanal|Marquesas"
            + "|Nauru|Niue|Norfolk|Noumea|Pago_Pago|Pitcairn|Port_Moresby|Rarotonga|Tahiti|Tongatapu|Wallis)");

    /** Of whoever keeps that time; a zone that is only hours from Greenwich is taken to be in the north. */
    public static Hemisphere of(ZoneId zone) {
        return SOUTHERN.matcher(zone.getId()).matches() ? SOUTH : NORTH;
    }
}
