package ripplerest.app.store;

import org.springframework.data.jpa.repository.JpaRepository;

interface HouseSchoolRepository extends JpaRepository<HouseSchool, String> {}
